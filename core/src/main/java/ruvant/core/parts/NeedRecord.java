package ruvant.core.parts;

import java.time.Instant;
import ruvant.core.trade.CameraKind;
import ruvant.core.units.PartName;
import ruvant.core.units.TagNumber;

/**
 * A need of some job, now or once.
 *
 * @param into the camera it was for
 * @param open whether it still stands
 */
public record NeedRecord(TagNumber tag, PartName part, String what, CameraKind into, Instant opened, boolean open) {}
