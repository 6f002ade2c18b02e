import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import type { JobView } from "../api/client";
import { jobQuery } from "../api/queries";
import { texts } from "./words";

/** The tag of the camera whose page this is. */
export function useTag(): string {
  return useParams().tag ?? "";
}

/** The camera whose page this is; its page shows rooms only once it is there. */
export function useJob(): JobView {
  const job = useQuery(jobQuery(useTag())).data;
  if (job === undefined) throw new Error(texts.theCameraIsNotLoaded);
  return job;
}
