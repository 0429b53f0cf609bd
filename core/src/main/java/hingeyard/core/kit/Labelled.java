package hingeyard.core.kit;

/** A choice on a sheet, as somebody says it. */
public interface Labelled {

    /** In lower case, without an end. */
    String label();
}
