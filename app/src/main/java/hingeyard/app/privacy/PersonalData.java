package hingeyard.app.privacy;

/** Something of customers that one package keeps. */
public interface PersonalData {

    /** Puts everything of theirs into the pack. */
    void handOut(Whose whose, Pack pack);

    /** Lets go of what is not to stay, within the transaction that runs. */
    void erase(Whose whose);

    /** How many entries that nobody can change hold the name or the contact. */
    default int unchangeable(Whose whose) {
        return 0;
    }
}
