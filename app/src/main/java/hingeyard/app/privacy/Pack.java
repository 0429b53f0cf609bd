package hingeyard.app.privacy;

import java.util.List;
import java.util.Map;

/** What is handed out to a customer. */
public interface Pack {

    /** Rows of one kind, each by what it is called. */
    void rows(String kind, List<Map<String, Object>> rows);

    /** A paper or a picture. @param name with its folder */
    void file(String name, byte[] bytes);
}
