package hitch.desk.judge;

import hitch.core.judge.Judgement;
import hitch.core.judge.ask.Ask;
import hitch.desk.Bench;
import hitch.desk.Context;
import hitch.desk.Snapshot;
import hitch.desk.key.Act;
import hitch.desk.widget.Labels;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What it comes to, what to do about it and why, what is still open. */
public final class JudgeBench implements Bench {
    /** From this width on the ways to meet an ask stand beside it. */
    private static final double WIDE = 1560;

    private final Context desk;
    private final BorderPane root = new BorderPane();
    private final ObjectProperty<String> chosen = new SimpleObjectProperty<>();
    private final Decider decider;
    /** The ask that was chosen by nobody. */
    private String offered;

    private final AskCards cards;
    private final AskPane ask;
    private final PlansPane plans;
    private final VisitsPane visits;
    private final QuestionsPane questions;
    private final StackPane options = new StackPane();
    private final VBox folded = new VBox(16);
    private final HBox asks = new HBox();
    private final ScrollPane middle;
    private final ScrollPane beside = scroll(new StackPane());
    private final ScrollPane drawer;
    private final StackPane page = new StackPane();
    private final ToggleButton open = new ToggleButton();
    private final ToggleGroup pages = new ToggleGroup();

    /**
     * @param rules shows the firm's rules and prices
     */
    public JudgeBench(Context desk, Runnable rules) {
        this.desk = desk;
        this.decider = new Decider(desk.work(), () -> offered = null);
        choose();
        cards = new AskCards(desk, chosen, decider);
        ask = new AskPane(desk, chosen, decider);
        plans = new PlansPane(desk);
        visits = new VisitsPane(desk);
        questions = new QuestionsPane(desk);
        drawer = scroll(questions);
        drawer.getStyleClass().addAll("side-scroll", "rules-side");
        folded.getStyleClass().add("page");
        folded.getChildren().setAll(ask, options);
        middle = scroll(folded);
        HBox.setHgrow(middle, Priority.ALWAYS);
        asks.getChildren().addAll(cards, middle);
        root.setTop(new VerdictPane(desk, tools(rules)));
        root.setCenter(page);
        root.getStyleClass().add("bench");
        root.widthProperty().addListener((o, was, is) -> arrange());
        desk.work().snapshotProperty().addListener((o, was, is) -> fill());
        desk.theme().darkProperty().addListener((o, was, is) -> fill());
        chosen.addListener((o, was, is) -> showOptions());
        show(asks);
        fill();
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        return scroll;
    }

    private Node tools(Runnable rules) {
        HBox tabs = new HBox(
                4,
                tab(Act.JUDGE_ASKS, "judge-asks", asks),
                tab(Act.JUDGE_YEARS, "judge-years", null),
                tab(Act.JUDGE_VISITS, "judge-visits", null));
        tabs.setAlignment(Pos.CENTER_RIGHT);
        open.setId("open-questions");
        open.setFocusTraversable(false);
        open.setOnAction(e -> arrange());
        Button firm = Labels.button("Rules and prices", "", "The firm's rules and prices", rules);
        firm.setId("rules-and-prices");
        firm.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        HBox below = new HBox(8, open, firm);
        below.setAlignment(Pos.CENTER_RIGHT);
        VBox tools = new VBox(8, tabs, below);
        tools.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        return tools;
    }

    private ToggleButton tab(Act act, String id, Node first) {
        ToggleButton tab = new ToggleButton(act.words());
        tab.setGraphic(Labels.of(act.key(), "key"));
        tab.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
        tab.setId(id);
        tab.setToggleGroup(pages);
        tab.setFocusTraversable(false);
        tab.getStyleClass().add("side-tab");
        tab.setSelected(first != null);
        tab.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        tab.setOnAction(e -> page(act));
        return tab;
    }

    private void page(Act act) {
        pages.getToggles().get(act.ordinal() - Act.JUDGE_ASKS.ordinal()).setSelected(true);
        show(
                switch (act) {
                    case JUDGE_YEARS -> scroll(plans);
                    case JUDGE_VISITS -> scroll(visits);
                    default -> asks;
                });
    }

    private void show(Node what) {
        page.getChildren().setAll(what);
        arrange();
    }

    /** The first ask is chosen until somebody chooses another, and where that one is gone. */
    private void choose() {
        List<Ask> all = desk.work().now().judged().asks();
        boolean byHand = chosen.get() != null && !chosen.get().equals(offered);
        if (!byHand || all.stream().noneMatch(a -> a.id().equals(chosen.get()))) {
            offered = all.isEmpty() ? null : all.getFirst().id();
            chosen.set(offered);
        }
    }

    private void fill() {
        choose();
        cards.fill();
        ask.refresh();
        plans.fill();
        visits.fill();
        questions.fill();
        long still = desk.work().now().judged().open().size();
        open.setText("Questions " + (still == 0 ? "" : still));
        open.setGraphic(Labels.of(Act.QUESTIONS.key(), "key"));
        showOptions();
    }

    private void showOptions() {
        options.getChildren()
                .setAll(ask
                        .ask()
                        .filter(a -> !a.options().isEmpty())
                        .map(a -> (Node) new OptionRows(
                                a,
                                desk.work().now().survey().facts().unit(),
                                r -> decider.change(
                                        a,
                                        c -> c.withWork(Optional.of(r.work().key()))
                                                .withExtent(Optional.empty())
                                                .withText(Optional.empty()))))
                        .stream()
                        .toList());
    }

    /** At the width of a wide desk the ways stand beside the ask, and the drawer of questions at the right of all; else it takes the ask's place. */
    private void arrange() {
        boolean wide = root.getWidth() >= WIDE;
        boolean apart = asks.getChildren().contains(beside);
        if (wide && !apart) {
            folded.getChildren().remove(options);
            VBox side = new VBox(options);
            side.getStyleClass().add("page");
            beside.setContent(side);
            beside.setMinWidth(620);
            asks.getChildren().add(beside);
        } else if (!wide && apart) {
            asks.getChildren().remove(beside);
            beside.setContent(null);
            folded.getChildren().setAll(ask, options);
        }
        boolean instead = open.isSelected() && !wide && page.getChildren().contains(asks);
        root.setRight(open.isSelected() && !instead ? drawer : null);
        asks.getChildren().remove(drawer);
        middle.setVisible(!instead);
        middle.setManaged(!instead);
        if (instead) {
            asks.getChildren().add(drawer);
        }
    }

    @Override
    public String title() {
        return "Judge";
    }

    @Override
    public List<Act.Place> acts() {
        return List.of(Act.Place.JUDGE);
    }

    @Override
    public Node node() {
        return root;
    }

    @Override
    public String gauge(Snapshot now) {
        Judgement judged = now.judged();
        return judged.open().isEmpty() ? "" : judged.open().size() + " open";
    }

    @Override
    public void key(KeyEvent event) {
        Act.at(Act.Place.JUDGE, event).ifPresent(act -> {
            act(act);
            event.consume();
        });
    }

    private void act(Act act) {
        switch (act) {
            case ASK_NEXT -> cards.step(1);
            case ASK_BEFORE -> cards.step(-1);
            case ASK_ACCEPT -> ask.ask().ifPresent(decider::accept);
            case ASK_DECLINE -> ask.decline();
            case ASK_PROPOSED -> ask.ask().ifPresent(decider::asProposed);
            case ASK_WRITE -> cards.write();
            case ASK_FOOTAGE -> ask.footage();
            case JUDGE_ASKS, JUDGE_YEARS, JUDGE_VISITS -> page(act);
            case QUESTIONS -> {
                open.setSelected(!open.isSelected());
                arrange();
            }
            default -> throw new IllegalStateException(act + " is no act of Judge");
        }
    }
}
