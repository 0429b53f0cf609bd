package hingeyard.app.arrival;

/** Whether work was begun on a job; whoever keeps the steps answers. */
public interface WorkBegun {

    /**
     * Whether somebody began what uses up the line of this role, and neither took it back nor left it out since; a stop that was lifted
     * takes nothing back.
     */
    boolean begun(long job, String role);
}
