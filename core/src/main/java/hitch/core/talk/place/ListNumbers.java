package hitch.core.talk.place;

/** Numbers among words that only count what is listed, or name pictures. */
final class ListNumbers {
    /** Nobody lists more by number. */
    private static final int MOST_LISTED = 9;
    /** What is listed is told in so many words. */
    private static final int LIST_WORDS = 40;

    private final Row row;

    ListNumbers(Row row) {
        this.row = row;
    }

    /** "One, regrade it. Two, cut back the tap. Three, the joint": a list, once places were told. */
    boolean isListed(int i) {
        if (row.at(i).value() < 2 || row.at(i).value() > MOST_LISTED || !beginsStatement(i)) {
            return false;
        }
        int wanted = (int) row.at(i).value() - 1;
        for (int j = i - 1; j > i - LIST_WORDS * MOST_LISTED && j >= 0; j--) {
            boolean one = wanted == 1 && row.at(j).text().equals("one");
            if (beginsStatement(j) && (one || row.at(j).isNumber() && row.at(j).value() == wanted)) {
                if (wanted == 1) {
                    return wasFar(j);
                }
                wanted--;
            }
        }
        return false;
    }

    /** "Pictures are numbered four through eleven". */
    boolean isNumbered(int i) {
        int from =
                row.at(i - 1).text().matches("through|to|and") && row.at(i - 2).isNumber() ? i - 2 : i;
        return row.at(from - 1).text().matches("numbered|numbers");
    }

    private boolean beginsStatement(int i) {
        return i == 0 || row.at(i - 1).text().matches("[.:;!?]");
    }

    private boolean wasFar(int i) {
        for (int j = 0; j < i; j++) {
            if (row.at(j).isNumber() && row.at(j).value() > HourNumbers.HOURS) {
                return true;
            }
        }
        return false;
    }
}
