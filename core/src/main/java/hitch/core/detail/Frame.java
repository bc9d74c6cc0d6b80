package hitch.core.detail;

/** From where left and right are told, where it is not as the camera looks. */
public enum Frame implements Worded {
    /** In the pipe, looking the way the water runs. */
    WITH_FLOW("with flow"),
    /** Above ground, standing in the street and facing the building. */
    FROM_STREET("from street");

    private final String word;

    Frame(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
