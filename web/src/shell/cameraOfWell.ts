import { answer, server } from "../api/client";

/**
 * Which camera a scanned well is asked about: the one at hand, unless its tray holds pieces of one other camera only.
 *
 * @param atHand tag of the camera that one is at, or was at last; empty for none
 */
export async function cameraOfWell(well: string, atHand: string): Promise<string> {
  try {
    const cameras = await answer(server.GET("/api/wells/{well}/cameras", { params: { path: { well } } }));
    return cameras.length === 1 && !cameras.includes(atHand) ? cameras[0] : atHand;
  } catch {
    // with the server away the camera at hand is the likeliest
    return atHand;
  }
}
