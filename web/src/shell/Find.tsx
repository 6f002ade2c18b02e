import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { findQuery } from "../api/queries";
import { JobLine } from "../rooms/cameras";
import { Window } from "../ui/Window";
import { texts } from "./words";

/** Finds a camera by tag, owner, maker, model, serial number or complaint. */
export function Find({ onOpenChange }: { onOpenChange: (open: boolean) => void }) {
  const [words, setWords] = useState("");
  const [chosen, setChosen] = useState(0);
  const navigate = useNavigate();
  const found = useQuery(findQuery(words)).data ?? [];
  const go = (tag: string) => {
    onOpenChange(false);
    void navigate(`/camera/${tag}`);
  };
  const move = (step: number) => setChosen(Math.max(0, Math.min(found.length - 1, chosen + step)));
  return (
    <Window open onOpenChange={onOpenChange} title={texts.search} wide>
      <input
        autoFocus
        className="input text-[18px]"
        role="combobox"
        aria-expanded={found.length > 0}
        aria-controls="found"
        aria-activedescendant={found[chosen] === undefined ? undefined : `found-${found[chosen].tag}`}
        aria-label={texts.tagOwnerMakerModelSerial}
        placeholder={texts.tagOwnerMakerModelSerial}
        value={words}
        onChange={(event) => {
          setWords(event.target.value);
          setChosen(0);
        }}
        onKeyDown={(event) => {
          if (event.key === "ArrowDown") move(1);
          else if (event.key === "ArrowUp") move(-1);
          else if (event.key === "Enter" && found[chosen] !== undefined) go(found[chosen].tag);
          else return;
          event.preventDefault();
        }}
      />
      <ul id="found" role="listbox" aria-label={texts.results} className="mt-3 flex min-h-[280px] flex-col">
        {found.map((job, index) => (
          <li
            key={job.tag}
            id={`found-${job.tag}`}
            role="option"
            aria-selected={index === chosen}
            onClick={() => go(job.tag)}
            className={`cursor-pointer rounded-[4px] border-l-4 px-2 ${index === chosen ? "border-ready bg-ready-wash" : "hover:bg-sunk border-transparent"}`}
          >
            <JobLine job={job} />
          </li>
        ))}
      </ul>
      <p className="text-soft text-[14px]">
        {words.trim() === ""
          ? texts.theFirstLettersOfA
          : found.length === 0
            ? texts.nothingMatchesAllTheseWords
            : texts.chooseWithTheArrowKeys}
      </p>
    </Window>
  );
}
