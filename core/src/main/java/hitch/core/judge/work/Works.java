package hitch.core.judge.work;

import hitch.core.rules.Method;
import java.util.List;

/** What each work is called, and by which prices it goes. */
final class Works {
    private Works() {}

    static Sort sort(Work work) {
        return switch (work) {
            case Work.Watch w -> Sort.WATCH;
            case Work.Clean w -> Sort.CLEAN;
            case Work.CleanAndLook w -> Sort.CLEAN_AND_LOOK;
            case Work.OpenAccess w -> Sort.OPEN_ACCESS;
            case Work.SpotRepair w -> Sort.SPOT_REPAIR;
            case Work.Reline w -> Sort.RELINE;
            case Work.Replace w -> Sort.REPLACE;
            case Work.ReplaceAll w -> Sort.REPLACE_ALL;
            case Work.Descale w -> Sort.DESCALE;
            case Work.SetToGrade w -> Sort.SET_TO_GRADE;
            case Work.Prove w -> Sort.PROVE;
            case Work.Refer w -> Sort.REFER;
        };
    }

    static String title(Work work) {
        return switch (work) {
            case Work.Watch w -> "Leave it and look again";
            case Work.Clean w -> cleaning(w);
            case Work.CleanAndLook w -> "Clean it, then look again";
            case Work.OpenAccess w -> w.raised() ? "Bring the buried fitting up to the surface" : "Put in an opening";
            case Work.SpotRepair w -> w.places() == 1 ? "Dig and mend that place" : "Dig and mend those places";
            case Work.Reline w -> "Reline it";
            case Work.Replace w -> "Replace the stretch";
            case Work.ReplaceAll w -> "Replace the whole line";
            case Work.Descale w -> w.coated() ? "Descale it and coat it" : "Descale it";
            case Work.SetToGrade w -> "Lay it anew with a fall";
            case Work.Prove w -> w.by().title();
            case Work.Refer w -> "Refer it to " + w.who().word();
        };
    }

    private static String cleaning(Work.Clean work) {
        String what = switch (work.how()) {
            case CUT -> "Cut them out";
            case JET -> "Wash them out";
            default -> "Clean it";
        };
        return what + ", every " + work.months() + " months" + (work.foam() > 0 ? ", with a root foam" : "");
    }

    static List<Method> methods(Work work) {
        return switch (work) {
            case Work.Watch w -> List.of(Method.LOOK);
            case Work.Clean w -> w.foam() > 0 ? List.of(w.how(), Method.FOAM) : List.of(w.how());
            case Work.CleanAndLook w -> List.of(Method.CLEAN, Method.LOOK);
            case Work.OpenAccess w -> List.of(Method.OPENING);
            case Work.SpotRepair w -> List.of(Method.SPOT);
            case Work.Reline w -> List.of(Method.RELINE);
            case Work.Replace w -> List.of(Method.REPLACE);
            case Work.ReplaceAll w -> List.of(Method.REPLACE);
            case Work.Descale w -> w.coated() ? List.of(Method.DESCALE, Method.COAT) : List.of(Method.DESCALE);
            case Work.SetToGrade w -> List.of(Method.REPLACE);
            case Work.Prove w ->
                w.by() == Work.Prove.By.FLUSH || w.by() == Work.Prove.By.DYE
                        ? List.of(Method.TEST)
                        : List.of(Method.LOOK);
            case Work.Refer w -> List.of();
        };
    }
}
