package hitch.desk.cut;

import hitch.core.story.LiveFacts;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.text.HitInfo;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** The words of a paragraph that nobody writes in just now; what the record knows stands in them as a field. */
final class ParagraphText extends TextFlow {
    private String words = "";
    private LiveFacts facts;

    ParagraphText() {
        getStyleClass().add("script-plain");
    }

    void show(String next, LiveFacts known) {
        if (next.equals(words) && known.equals(facts)) {
            return;
        }
        words = next;
        facts = known;
        getChildren().clear();
        int done = 0;
        for (LiveFacts.Span span : known.in(next)) {
            text(next.substring(done, span.from()));
            Label field = new Label(next.substring(span.from(), span.to()));
            field.getStyleClass().add("fact");
            getChildren().add(field);
            done = span.to();
        }
        text(next.substring(done));
    }

    private void text(String part) {
        if (!part.isEmpty()) {
            Text text = new Text(part);
            text.getStyleClass().add("script-text");
            getChildren().add(text);
        }
    }

    /** The letter at a place of this node, counted in the words. */
    int letterAt(double x, double y) {
        HitInfo hit = hitTest(new javafx.geometry.Point2D(x, y));
        int left = hit.getInsertionIndex();
        int letters = 0;
        for (Node child : getChildren()) {
            // A field counts as one letter where it is laid out.
            int laid = child instanceof Text t ? t.getText().length() : 1;
            int long_ = child instanceof Text t
                    ? t.getText().length()
                    : ((Label) child).getText().length();
            if (left <= laid) {
                return letters + (child instanceof Text ? left : left == 0 ? 0 : long_);
            }
            left -= laid;
            letters += long_;
        }
        return letters;
    }
}
