import type { House } from "../../api/client";
import { Button } from "../../ui/Button";
import { TextField, Tick } from "../../ui/Field";
import { texts } from "./words";

type Station = House["practice"]["stations"][number];

/** What things wait in, and how many each holds at once. */
export function StationsHeld({
  stations,
  onChange,
}: {
  stations: Station[];
  onChange: (stations: Station[]) => void;
}) {
  const set = (at: number, part: Partial<Station>) =>
    onChange(stations.map((one, index) => (index === at ? { ...one, ...part } : one)));
  return (
    <div className="flex flex-col gap-1.5">
      {stations.map((station, index) => (
        <div key={index} className="grid grid-cols-[1fr_64px_auto_auto] items-end gap-2">
          <TextField
            label={texts.station(index + 1)}
            name="station"
            value={station.name}
            onChange={(event) => set(index, { name: event.target.value })}
          />
          <TextField
            label={texts.capacity}
            aria-label={texts.capacityOf(index + 1)}
            name="capacity"
            inputMode="numeric"
            value={String(station.capacity)}
            onChange={(event) => set(index, { capacity: Number(event.target.value) || 0 })}
          />
          <Tick
            label={texts.hot}
            aria-label={texts.hotOf(index + 1)}
            checked={station.hot}
            onChange={(event) => set(index, { hot: event.target.checked })}
          />
          <Button
            aria-label={texts.remove(station.name)}
            onClick={() => onChange(stations.filter((_, at) => at !== index))}
          >
            ✕
          </Button>
        </div>
      ))}
      <Button
        className="self-start"
        onClick={() => onChange([...stations, { name: "", capacity: 1, hot: false }])}
      >
        {texts.addAStation}
      </Button>
    </div>
  );
}
