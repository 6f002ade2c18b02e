import type { PlanReason, PlanTask } from "../../api/plan";
import { day, moment } from "../../ui/dates";
import type { Schemas } from "../../api/client";
import { texts } from "./words";

/** A reason of the plan, as a person would say it. */
export function reasonWords(reason: PlanReason, now: number): string {
  const at = reason.at === undefined ? "" : moment(reason.at, now);
  const until = reason.until === undefined ? "" : moment(reason.until, now);
  const promised = reason.day === undefined ? "" : day(reason.day);
  switch (reason.kind) {
    case "RUNNING":
      return texts.running;
    case "PINNED":
      return texts.pinned(at);
    case "FIRST":
      return texts.setFirst;
    case "WINDOW":
      return reason.at !== undefined && Date.parse(reason.at) < now
        ? texts.windowGone(reason.what, at)
        : texts.window(reason.what, at);
    case "LATE":
      return texts.late(promised, at);
    case "LITTLE_TIME":
      return texts.littleTime(promised, at);
    case "STARTS_REST":
      return texts.startsRest(reason.what, until);
    case "RESTS_OVER_CLOSING":
      return texts.restsOverClosing(reason.what, until);
    case "PROMISED":
      return texts.promisedDay(promised, at);
    case "NOTHING_PRESSES":
      return texts.nothingPresses;
    case "AFTER_WORK":
      return texts.afterWork(reason.what, until);
    case "AFTER_WAIT":
      return texts.afterWait(reason.what, until);
    case "AFTER_PARCEL":
      return texts.afterParcel(reason.what, at);
    case "AFTER_GUESS":
      return texts.afterGuess(reason.what, at);
    case "STATION_FULL":
      return texts.stationFull(reason.what, until);
    case "HANDS_BUSY":
      return texts.handsBusy(reason.person ?? "", reason.tag ?? "", until);
    case "NOBODY_WORKS":
      return texts.nobodyWorks(at);
    case "NOT_BEFORE":
      return texts.notBefore(at);
    case "MORNINGS":
      return texts.morningsOnly;
  }
}

/** Why something has no place in the plan. */
export function noPlaceWords(left: Schemas["PlanLeft"]): string {
  switch (left.why) {
    case "ASIDE":
      return texts.aside;
    case "AFTER_OTHER":
      return texts.afterOther(left.about);
    case "NOBODY_WORKS":
      return texts.nobodyWorksAtAll;
    case "NOBODY_CAN":
      return texts.nobodyCan(left.about);
    case "NOT_HERE":
      return texts.notHere(left.about);
    case "NO_STATION":
      return texts.noStation(left.about);
    case "NO_ROOM":
      return texts.noRoom;
  }
}

/** A task's words, with which piece of it this is. */
export const taskWords = (task: PlanTask) =>
  task.pieces > 1 ? `${task.words}, ${texts.piece(task.piece, task.pieces)}` : task.words;
