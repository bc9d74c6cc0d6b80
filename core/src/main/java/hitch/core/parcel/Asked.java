package hitch.core.parcel;

import hitch.core.judge.ask.Ask;
import hitch.core.judge.remedy.Caution;
import hitch.core.judge.remedy.Reason;
import hitch.core.judge.remedy.Remedy;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something to be done as a report tells it.
 *
 * @param what a sentence
 * @param when how soon, by whom, and the date it comes to
 * @param knots how much it asks for, 0 to 4
 * @param because why, a sentence each
 * @param unless what would change it
 * @param first what must come before it
 * @param mind where it can hurt
 * @param cost an estimate in words; empty where there is none
 * @param options the other ways to meet the same
 */
public record Asked(
        String what,
        String when,
        int knots,
        List<String> because,
        List<String> unless,
        List<String> first,
        List<String> mind,
        String cost,
        List<Option> options) {
    /**
     * Another way.
     *
     * @param what in a few words
     * @param cost an estimate in words; empty where there is none
     * @param lasts how long, in words; empty where that means nothing
     * @param clears what it settles
     * @param leaves what it does not
     */
    public record Option(String what, String cost, String lasts, String clears, String leaves) {
        static Option of(Remedy way) {
            return new Option(
                    way.work().title(),
                    way.cost().words().orElse(""),
                    way.lasts()
                            .map(l -> l.low() == l.high() ? years(l.high()) : years(l.low(), l.high()))
                            .orElse(""),
                    String.join(", ", way.clears()),
                    String.join(", ", way.leaves()));
        }

        private static String years(double low, double high) {
            return String.format(Locale.ROOT, "%.0f to %s", low, years(high));
        }

        private static String years(double years) {
            return String.format(Locale.ROOT, "%.0f %s", years, years == 1 ? "year" : "years");
        }
    }

    static Asked of(Ask ask) {
        Optional<Remedy> taken = ask.remedy();
        return new Asked(
                ask.text(),
                ask.soon() + ", " + ask.who().word()
                        + ask.due().map(d -> ", by " + d).orElse(""),
                ask.weight().knots(),
                taken.map(r -> r.because().stream().map(Reason::text).distinct().toList())
                        .orElse(ask.why().isBlank() ? List.of() : List.of(ask.why())),
                taken.map(Remedy::unless).orElse(List.of()),
                taken.map(Remedy::first).orElse(List.of()),
                taken.map(r -> r.cautions().stream().map(Caution::text).toList())
                        .orElse(List.of()),
                taken.flatMap(r -> r.cost().words()).orElse(""),
                ask.options().stream()
                        .filter(o ->
                                taken.filter(r -> r.work().equals(o.work())).isEmpty())
                        .map(Option::of)
                        .toList());
    }
}
