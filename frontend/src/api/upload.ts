import { unwrap } from "./client";

/** Sends a file as it is. Throws `Refused` with what is wrong with it. */
export async function upload<Answer>(
  method: "POST" | "PUT",
  path: string,
  file: Blob,
  query: { [name: string]: string } = {},
): Promise<Answer> {
  const url = new URL(path, window.location.origin);
  for (const [name, value] of Object.entries(query)) url.searchParams.set(name, value);
  const headers = { "Content-Type": "application/octet-stream" };
  const response = await fetch(url, { method, body: file, headers });
  const told: unknown = await response.json();
  return response.ok ? (told as Answer) : unwrap({ error: told, response });
}
