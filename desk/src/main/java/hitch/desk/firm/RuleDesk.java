package hitch.desk.firm;

import hitch.core.job.Edit;
import hitch.core.job.Job;
import hitch.core.judge.Judge;
import hitch.core.judge.Judgement;
import hitch.core.rules.HouseRules;
import hitch.core.rules.RulesText;
import hitch.core.survey.Reckoner;
import hitch.desk.Workspace;
import java.util.Optional;
import java.util.function.Consumer;

/** Changes a rule of the job by its name, and tries what a changed one would do. */
final class RuleDesk {
    private final Workspace work;

    RuleDesk(Workspace work) {
        this.work = work;
    }

    HouseRules rules() {
        return work.now().job().rules();
    }

    /**
     * Sets one rule, whatever else was changed meanwhile.
     *
     * @param value as {@link RulesText} writes it; what cannot be is told and leaves the rule as it was
     */
    void change(String name, String value) {
        work.edit(job -> {
            try {
                return RulesText.with(job.rules(), name, value).parts().stream()
                        .filter(p -> !job.rules().parts().contains(p))
                        .findFirst()
                        .map(Edit.SetRules::new);
            } catch (IllegalArgumentException e) {
                work.notices().say(e.getMessage() + " The rule was left as it was.");
                return Optional.empty();
            }
        });
    }

    /** What the job would come to by other rules; reckoned in the background, nothing is changed. */
    void wouldComeTo(HouseRules other, Consumer<Judgement> then) {
        Job job = work.now().job().with(new Edit.TakeRules(other));
        var watched = work.now().survey().watched();
        work.inBackground(() -> Judge.judge(Reckoner.survey(job, watched)), then);
    }
}
