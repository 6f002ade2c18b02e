import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import {
  Away,
  Problem,
  answer,
  server,
  type ChosenPiece,
  type JobView,
  type Reading,
  type Stop,
} from "../../../api/client";
import { readingQuery } from "../../../api/queries";
import { useAppend, useShopLog } from "../../../hands/append";
import { useDraft } from "../../../hands/draft";
import { useProposed } from "../../../hands/proposedLine";
import { texts } from "../words";
import { sentence, stillThere, type Chosen } from "./chosen";

const KEPT_LINES = 30;

/** Nothing of a reading stands in the way of logging it. */
const free = (reading: Reading) => reading.chips.every((chip) => chip.trouble?.holds !== true);

/** The line of a camera: what is typed, how it is understood, what a person made of it, and what was typed before. */
export function useLine(job: JobView, stop: Stop | undefined) {
  const [text, setText] = useDraft(`line.${job.tag}`);
  const [chosen, setChosen] = useState<Chosen>({});
  const [problem, setProblem] = useState<Problem>();
  const [earlier, setEarlier] = useState<string[]>([]);
  const recalled = useRef(-1);
  const append = useAppend(job.tag);
  const teach = useShopLog("house");

  const pieces = stillThere(chosen, text);
  const reading = useQuery(readingQuery(job.tag, text, stop, pieces)).data;
  const read = text.trim() === "" ? undefined : reading;

  const type = (typed: string) => {
    setText(typed);
    setProblem(undefined);
  };

  const done = () => {
    setEarlier([text, ...earlier.filter((line) => line !== text)].slice(0, KEPT_LINES));
    recalled.current = -1;
    setText("");
    setChosen({});
  };

  /** Logs the line; false where something stands against it. */
  const log = async (): Promise<boolean> => {
    if (text.trim() === "") return false;
    setProblem(undefined);
    try {
      const fresh = await answer(
        server.POST("/api/jobs/{tag}/read", {
          params: { path: { tag: job.tag } },
          body: { text, stop, chosen: pieces },
        }),
      );
      if (!free(fresh) || fresh.chips.length === 0) return false;
      await append(
        fresh.chips.flatMap((chip) => chip.entries),
        { said: fresh.chips.map((chip) => sentence(chip.says)).join("; ") },
      );
      if (fresh.teaches.length > 0) {
        await teach(
          [{ kind: "wordsTaught", words: { words: fresh.teaches } }],
          texts.learned(fresh.teaches.map((one) => one.phrase).join(", ")),
        );
      }
      done();
      return true;
    } catch (refused) {
      if (refused instanceof Away) {
        // it cannot be read without the server: kept as a note, so that nothing said is lost
        await append([{ kind: "noted", text }]);
        done();
        return true;
      }
      if (!(refused instanceof Problem)) throw refused;
      setProblem(refused);
      return false;
    }
  };

  const recall = (step: number) => {
    recalled.current = Math.max(-1, Math.min(earlier.length - 1, recalled.current + step));
    setText(recalled.current < 0 ? "" : earlier[recalled.current]);
  };

  useProposed((line) => {
    // what stood there half-typed is an arrow key away
    if (text.trim() !== "") setEarlier([text, ...earlier]);
    type(line);
    document.getElementById("log-line")?.focus();
  });

  return {
    text,
    type,
    read,
    problem,
    log,
    recall,
    recalling: () => recalled.current >= 0,
    hasEarlier: earlier.length > 0,
    chosen,
    setChosen,
    choose: (piece: ChosenPiece) => setChosen({ ...chosen, [piece.typed]: piece }),
  };
}
