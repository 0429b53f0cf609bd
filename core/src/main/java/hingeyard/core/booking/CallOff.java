package hingeyard.core.booking;

import hingeyard.core.explain.Ruling;

/** A job that does not go on as it was agreed. */
public enum CallOff {
    /** What was fitted comes off, and what it comes to is still to be settled. */
    COMING_OFF("its kit is being removed"),
    /** Its customer called it off, and everything is settled. */
    OVER("it was called off");

    private final String label;

    CallOff(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Nothing is added to the bill or the steps of such a job. */
    public Ruling mayGoOn(long job) {
        return Ruling.no(this == OVER ? "Job %d was called off: book the bike in again.".formatted(job)
                : "The kit of job %d is being removed: nothing can be added. Settle the job first, or resume it.".formatted(job));
    }

    /** Why a job is called off. */
    public enum Why {
        /** Its customer does not want it any more; the job is over afterwards. */
        CUSTOMER("called off by the customer"),
        /** Another kit takes its place; the job goes on afterwards. */
        ANOTHER_KIT("another kit takes its place");

        private final String label;

        Why(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
