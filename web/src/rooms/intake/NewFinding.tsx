import { useState } from "react";
import { useAppend } from "../../hands/append";
import type { JobView, Schemas } from "../../api/client";
import { useWords } from "../../api/queries";
import { AddLine } from "../../ui/AddLine";
import { ChoiceField } from "../../ui/Field";
import type { SideName } from "./drawing/strokes";
import { texts } from "./words";

type Found = Schemas["ConditionFound"];

const REGION_OF: Record<SideName, Found["region"]> = {
  FRONT: "FRONT",
  BACK: "BACK",
  TOP: "TOP",
  BOTTOM: "BOTTOM",
  LEFT: "LEATHER",
  RIGHT: "LEATHER",
};

type Spot = NonNullable<Found["place"]>;

/** The region that a tap is in: the lens and the finder lie in the front, the rest goes by its side. */
function regionAt({ side, x, y }: Spot): Found["region"] {
  if (side === "FRONT" && Math.hypot(x - 0.5, y - 0.6) < 0.22) return "LENS";
  if (side === "FRONT" && y < 0.2) return "FINDER";
  return REGION_OF[side];
}

/** One more thing found outside, by its region, or where the drawing was tapped. */
export function NewFinding({ job, spot, onFound }: { job: JobView; spot?: Spot; onFound?: () => void }) {
  const { choices, word } = useWords();
  const append = useAppend(job.tag);
  const [said, setSaid] = useState<{ region: Found["region"]; of?: Spot }>();
  // what was chosen by hand counts for this tap only: the next one says by itself where it is
  const region =
    said !== undefined && said.of === spot ? said.region : spot === undefined ? "BOTTOM" : regionAt(spot);
  const [condition, setCondition] = useState<Found["condition"]>("DENT");
  const [severity, setSeverity] = useState<Found["severity"]>("SLIGHT");
  const [picture, setPicture] = useState("");
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-3 gap-2">
        <ChoiceField
          label={texts.where}
          value={region}
          choices={choices("region")}
          onChange={(event) => setSaid({ region: event.target.value as typeof region, of: spot })}
        />
        <ChoiceField
          label={texts.what}
          value={condition}
          choices={choices("conditionKind")}
          onChange={(event) => setCondition(event.target.value as typeof condition)}
        />
        <ChoiceField
          label={texts.severity}
          value={severity}
          choices={choices("severity")}
          onChange={(event) => setSeverity(event.target.value as typeof severity)}
        />
      </div>
      {job.album.shots.length > 0 && (
        <ChoiceField
          label={texts.pictureShowingIt}
          empty={texts.none}
          value={picture}
          choices={job.album.shots.map((shot, index) => ({
            value: shot.what.name,
            label: texts.picture(index + 1, shot.what.shows === "" ? "" : `, ${shot.what.shows}`),
          }))}
          onChange={(event) => setPicture(event.target.value)}
        />
      )}
      <AddLine
        blanks={[{ label: texts.remark, hint: texts.howItLooks, optional: true }]}
        action={texts.addFinding}
        look="primary"
        onAdd={async (remark) => {
          await append(
            [{ kind: "conditionFound", region, condition, severity, remark, place: spot, picture }],
            { said: texts.outside(word("region", region), word("conditionKind", condition)) },
          );
          setPicture("");
          onFound?.();
        }}
      />
    </div>
  );
}
