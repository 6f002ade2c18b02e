package ruvant.core.album;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import ruvant.core.Logs;
import ruvant.core.trade.PinKind;
import ruvant.core.trade.Stop;
import ruvant.core.units.FieldProblem;
import ruvant.core.units.PartName;
import ruvant.core.units.Refusal;

class AlbumTest {
    private static final String NAME = "0123456789abcdef".repeat(4) + ".jpg";
    private final Logs logs = Logs.camera();

    private static AlbumEntry.Pictured picture(String part) {
        return new AlbumEntry.Pictured(NAME, "", part == null ? null : PartName.of(part), Stop.STRIP);
    }

    private static AlbumEntry.Pinned pin(int number, String part) {
        return new AlbumEntry.Pinned(
                NAME, number, 0.25, 0.75, PinKind.HOLE, "slotted screw", part == null ? null : PartName.of(part), null);
    }

    @Test
    void pinsStandOnTheirPictureByNumber() {
        logs.add(picture(null), pin(3, null), pin(1, "top cover"));
        Album.Shot shot = logs.picture().album().shots().getFirst();
        assertThat(shot.pins()).extracting(pin -> pin.what().number()).containsExactly(1, 3);
        assertThat(logs.picture().album().of(PartName.of("Top Cover"))).containsExactly(shot);
        assertThat(logs.picture().album().of(PartName.of("bottom plate"))).isEmpty();
    }

    @Test
    void aPinNeedsItsPictureAndANumberOfItsOwn() {
        assertThat(logs.refusal(pin(1, null))).map(Refusal::code).contains("noPicture");
        logs.add(picture("top cover"), pin(1, null));
        assertThat(logs.refusal(pin(1, null))).map(Refusal::code).contains("pinTwice");
        assertThat(logs.refusal(picture(null))).map(Refusal::code).contains("pictureTwice");
    }

    @Test
    void picturesDoNotMoveTheStopWhereWorkGoesOn() {
        Stop before = logs.picture().lastStop();
        logs.add(new AlbumEntry.Pictured(NAME, "", null, Stop.PROVE));
        assertThat(logs.picture().lastStop()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({"1.01, 0.5", "-0.01, 0.5", "0.5, 7", "NaN, 0.5"})
    void aPinLiesOnThePicture(double x, double y) {
        assertThatThrownBy(() -> new AlbumEntry.Pinned(NAME, 1, x, y, PinKind.MARK, "", null, null))
                .isInstanceOf(FieldProblem.class);
    }

    @ParameterizedTest
    @CsvSource({"../../etc/passwd", "plate.jpg", "0123.jpg"})
    void onlyKeptPicturesAreNamed(String name) {
        assertThatThrownBy(() -> new AlbumEntry.Pictured(name, "", null, Stop.STRIP))
                .isInstanceOf(FieldProblem.class);
    }
}
