package hitch.core.district;

import hitch.core.detail.Detail;
import hitch.core.disclosure.Disclosure;
import hitch.core.exchange.FindingsCsv;
import hitch.core.finding.FindingId;
import hitch.core.finding.FindingKind;
import hitch.core.finding.LocatedFinding;
import hitch.core.measure.Distance;
import hitch.core.measure.Inches;
import hitch.core.measure.LengthUnit;
import hitch.core.measure.Station;
import hitch.core.story.Wording;
import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What a district gets in its own form: its table, and what stills are called. */
public final class DistrictTable {
    private final Disclosure may;
    private final DistrictForm form;
    private final CodeTable codes;
    private final Optional<Station> zero;

    public DistrictTable(Disclosure may, DistrictForm form, CodeTable codes) {
        this.may = may;
        this.form = form;
        this.codes = codes;
        this.zero = may.zero(form.from());
    }

    /** Whether the place that its distances are read from is known. */
    public boolean isRead() {
        return zero.isPresent();
    }

    private List<LocatedFinding> told() {
        return may.findings().stream()
                .filter(f -> f.finding().kind().family() != FindingKind.Family.TOLD)
                .toList();
    }

    /** The rows of its table, a text for each column. */
    public List<List<String>> rows() {
        Map<FindingId, String> names = stills();
        return told().stream()
                .map(f -> form.columns().stream()
                        .map(c -> cell(f, c.field(), names))
                        .toList())
                .toList();
    }

    /** Its table as CSV. */
    public String csv() {
        StringBuilder out = new StringBuilder();
        String[] head = form.columns().stream().map(Column::name).toArray(String[]::new);
        try (CSVPrinter printer =
                new CSVPrinter(out, CSVFormat.RFC4180.builder().setHeader(head).get())) {
            for (List<String> row : rows()) {
                printer.printRecord(row.stream().map(FindingsCsv::defused).toList());
            }
        } catch (IOException e) {
            throw new IllegalStateException("a text in memory can be written to", e);
        }
        return out.toString();
    }

    /** Findings that no code stands for. */
    public List<LocatedFinding> uncoded() {
        return told().stream().filter(f -> codes.of(f.finding()).isEmpty()).toList();
    }

    /** What the still of each finding is called in its form, each name once. */
    public Map<FindingId, String> stills() {
        Map<FindingId, String> names = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        for (LocatedFinding found : told()) {
            String wanted = name(found);
            String name = wanted;
            for (int n = 2; !taken.add(name.toLowerCase(Locale.ROOT)); n++) {
                name = wanted + "-" + n;
            }
            names.put(found.finding().id(), name + ".png");
        }
        return names;
    }

    private String name(LocatedFinding found) {
        String name = form.fileNames();
        for (Column.Field field : Column.Field.values()) {
            if (field != Column.Field.STILL && name.contains("{" + field.word() + "}")) {
                name = name.replace("{" + field.word() + "}", cell(found, field, Map.of()));
            }
        }
        String safe = name.replaceAll("[^\\p{L}\\p{N}._-]+", "-").replaceAll("^[-._]+|[-.]+$", "");
        return safe.isEmpty() ? found.finding().id().value() : safe.substring(0, Math.min(safe.length(), 100));
    }

    private String cell(LocatedFinding found, Column.Field field, Map<FindingId, String> names) {
        Optional<Code> code = codes.of(found.finding());
        return switch (field) {
            case CODE -> code.map(Code::code).orElse("");
            case WORDS -> code.map(Code::words).filter(w -> !w.isBlank()).orElseGet(() -> Wording.what(found));
            case KIND -> found.finding().kind().word();
            case STATION -> ends(found).isEmpty() ? "" : ends(found).getFirst();
            case STATION_END -> ends(found).size() < 2 ? "" : ends(found).getLast();
            case LENGTH ->
                found.extent()
                        .filter(e -> !e.isPoint())
                        .map(e -> rounded(e.length().mm()))
                        .orElse("");
            case CLOCK -> found.finding().traits().clock().map(c -> c.words()).orElse("");
            case SIZE -> found.finding().traits().size().map(Inches::show).orElse("");
            case SHARE -> found.finding().traits().share().map(String::valueOf).orElse("");
            case SIZE_HOW -> found.finding().sizeHow();
            case HOW_SURE -> found.finding().certainty().word();
            case REMARK -> found.finding().remark();
            case FINDING -> found.finding().id().value();
            case STILL -> names.getOrDefault(found.finding().id(), "");
            case CLIP ->
                may.clip(found.finding().frame().clip()).map(c -> c.fileName()).orElse("");
            case TIME ->
                may.source(found.finding().frame().clip())
                        .map(c -> String.format(
                                Locale.ROOT,
                                "%.1f",
                                c.secondsInto(found.finding().frame().pts())))
                        .orElse("");
            case UPPER -> structure(Detail.UPPER_STRUCTURE, form.upper());
            case LOWER -> structure(Detail.LOWER_STRUCTURE, form.lower());
            case RECORDED -> may.facts().inspectedOn();
            case PROPERTY -> may.title();
        };
    }

    private String structure(Detail<String> detail, String usual) {
        return may.facts().more().get(detail).orElse(usual);
    }

    /** One distance for a point, two for a stretch, the nearer to the datum first; none where it is not known. */
    private List<String> ends(LocatedFinding found) {
        if (zero.isEmpty() || found.extent().isEmpty()) {
            return List.of();
        }
        int sign = form.rising() ? 1 : -1;
        long from = sign * (found.extent().get().from().mm() - zero.get().mm());
        long to = sign * (found.extent().get().to().mm() - zero.get().mm());
        List<String> ends = new ArrayList<>(List.of(rounded(Math.min(from, to))));
        if (from != to) {
            ends.add(rounded(Math.max(from, to)));
        }
        return ends;
    }

    /** A length in the district's unit, halves rounded away from nothing. */
    private String rounded(long mm) {
        if (form.unit() == LengthUnit.FEET_INCHES) {
            return form.unit().show(new Distance(mm));
        }
        BigDecimal value = BigDecimal.valueOf(mm)
                .divide(BigDecimal.valueOf(form.unit().mm()), 9, RoundingMode.HALF_UP)
                .setScale(form.decimals(), RoundingMode.HALF_UP);
        return value.signum() == 0 ? value.abs().toPlainString() : value.toPlainString();
    }
}
