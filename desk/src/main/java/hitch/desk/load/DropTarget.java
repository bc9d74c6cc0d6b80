package hitch.desk.load;

import java.io.File;
import java.util.List;

/** Takes files and folders that are dropped. */
public interface DropTarget {
    void add(List<File> files);
}
