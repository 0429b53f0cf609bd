package hingeyard.app.face;

/** The shop's papers look otherwise from now on; told within the command that did it. */
public record FaceChanged() {
}
