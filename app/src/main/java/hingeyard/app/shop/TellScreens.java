package hingeyard.app.shop;

import hingeyard.app.face.FaceChanged;
import hingeyard.app.live.LiveEvents;
import hingeyard.app.person.StaffChanged;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Screens that show the shop look again when its people or its face changed: those packages know of no screens. */
@Component
class TellScreens {

    private final LiveEvents live;

    TellScreens(LiveEvents live) {
        this.live = live;
    }

    @EventListener
    void staffChanged(StaffChanged told) {
        live.shopChanged();
    }

    @EventListener
    void faceChanged(FaceChanged told) {
        live.shopChanged();
    }
}
