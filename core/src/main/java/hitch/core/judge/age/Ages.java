package hitch.core.judge.age;

import hitch.core.detail.Detail;
import hitch.core.survey.Survey;
import java.util.List;

/** The ages of every stretch of pipe of which something can be said. */
public final class Ages {
    private Ages() {}

    public static List<Age> of(Survey survey) {
        return survey.line().ways().stream()
                .flatMap(w -> w.spans().stream()
                        .flatMap(s -> Age.of(
                                w.name(),
                                s,
                                survey.rules().ages(),
                                survey.facts().more().get(Detail.BUILT),
                                survey.facts().year())
                                .stream()))
                .toList();
    }
}
