import { texts } from "./words";

/** Where a kind of point takes its lubricant, as a small section: strokes of the parts, and where a drop or a film goes. */
interface Section {
  metal: string[];
  line: string[];
  /** Where the drop goes, from the upper left corner. */
  drops: [x: number, y: number][];
  /** Where a film goes. */
  film?: string;
}

const SHAFT: Section = {
  metal: [
    "M58 90H166V104H58zM72 90V104M86 90V104M138 90V104M152 90V104",
    "M30 64H100V76H30zM124 64H194V76H124z",
    "M100 18H124V110H100z",
  ],
  line: ["M112 8V122"],
  drops: [
    [96, 58],
    [128, 58],
  ],
};

const SECTIONS: Record<string, Section> = {
  blades: {
    metal: [
      "M40 104A78 78 0 0 1 112 20L118 62A40 40 0 0 0 78 96z",
      "M112 20A78 78 0 0 1 186 96L146 92A40 40 0 0 0 118 62z",
    ],
    line: ["M78 96 60 116M146 92 164 114"],
    drops: [],
  },
  leafTrain: SHAFT,
  pivot: SHAFT,
  drivingRing: {
    metal: ["M34 52H92V82H34zM132 52H190V82H132z", "M92 60H132V74H92z"],
    line: ["M112 14V118"],
    drops: [],
    film: "M34 86H92M132 86H190",
  },
  camRack: {
    metal: ["M36 98C62 98 76 56 112 56S162 98 188 98V116H36z", "M104 14H120V46A8 8 0 0 1 104 46z"],
    line: [],
    drops: [],
    film: "M36 94C62 94 76 52 112 52S162 94 188 94",
  },
  drum: {
    metal: [
      "M64 36H160V96H64z",
      "M40 56H64V76H40zM160 56H184V76H160z",
      "M24 44H40V88H24zM184 44H200V88H184z",
    ],
    line: ["M14 66H210"],
    drops: [
      [40, 48],
      [184, 48],
    ],
  },
  helicoid: {
    metal: [
      "M30 22H194V46L182 58 168 46 154 58 140 46 126 58 112 46 98 58 84 46 70 58 56 46 42 58 30 46z",
      "M30 112H194V88L182 76 168 88 154 76 140 88 126 76 112 88 98 76 84 88 70 76 56 88 42 76 30 88z",
    ],
    line: [],
    drops: [],
    film: "M34 66 48 56 62 68 76 56 90 68 104 56 118 68 132 56 146 68 160 56 174 68 190 58",
  },
  click: {
    metal: [
      "M40 112 56 76 66 94 84 62 92 82 112 54 118 76 142 54 144 78 170 66 164 90 188 92 172 112z",
      "M60 20 128 42 122 54 54 34z",
    ],
    line: [],
    drops: [[118, 46]],
  },
  springMotor: {
    metal: ["M112 14A54 54 0 1 1 111.9 14z"],
    line: [
      "M112 66A8 8 0 0 1 120 74 16 16 0 0 1 104 88 24 24 0 0 1 84 66 30 30 0 0 1 114 36 36 36 0 0 1 150 70 42 42 0 0 1 110 112",
    ],
    drops: [],
    film: "M84 66A30 30 0 0 1 114 36M104 88A24 24 0 0 1 84 66",
  },
  friction: {
    metal: ["M40 30H184V58H40z", "M40 74H184V102H40z"],
    line: ["M112 10V122"],
    drops: [],
  },
  pallet: {
    metal: [
      "M60 22 112 44 164 22 160 38 132 54 128 70 116 54H108L96 70 92 54 64 38z",
      "M44 116 56 88 74 102 88 80 102 100 118 80 128 100 148 82 154 102 174 90 180 116z",
    ],
    line: [],
    drops: [],
  },
  spring: {
    metal: [],
    line: ["M30 66H52L60 42 76 90 92 42 108 90 124 42 140 90 156 42 166 66H194"],
    drops: [],
  },
};

/** The kind of point in section, with where the lubricant goes, or that it stays dry; nothing for a kind of one's own. */
export function PointDrawing({ kind, dry }: { kind: { id: string; label: string }; dry: boolean }) {
  const section = SECTIONS[kind.id];
  if (section === undefined) return null;
  return (
    <figure className="border-line bg-mat flex items-center gap-3 rounded-[4px] border px-3 py-1.5">
      <svg viewBox="0 0 224 130" width="168" height="98" role="img" aria-label={texts.sectionOf(kind.label)}>
        {section.metal.map((d) => (
          <path key={d} d={d} className="fill-sheet stroke-ink" strokeWidth="2" strokeLinejoin="round" />
        ))}
        {section.line.map((d) => (
          <path key={d} d={d} className="stroke-metal fill-none" strokeWidth="2" />
        ))}
        {!dry && section.film !== undefined && (
          <path d={section.film} className="stroke-ready fill-none" strokeWidth="5" strokeLinecap="round" />
        )}
        {!dry &&
          section.drops.map(([x, y]) => (
            <path
              key={`${x} ${y}`}
              transform={`translate(${x - 6.5} ${y - 15})`}
              d="M6.5 0C9 5 12 8 12 11.4a5.5 5.5 0 0 1-11 0C1 8 4 5 6.5 0Z"
              className="fill-ready stroke-sheet"
            />
          ))}
      </svg>
      <figcaption className="text-[13.5px]">
        {kind.label}
        <b className={`block ${dry ? "" : "text-ready"}`}>
          {dry
            ? texts.staysDry
            : section.drops.length > 0 || section.film !== undefined
              ? texts.goesWhereBlue
              : texts.sparingly}
        </b>
      </figcaption>
    </figure>
  );
}
