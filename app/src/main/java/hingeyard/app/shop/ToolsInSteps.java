package hingeyard.app.shop;

import java.util.Set;

/** Says which tools steps name, for whoever says how many of one there are. */
public interface ToolsInSteps {

    /** With their sizes, as steps name them. */
    Set<String> tools();
}
