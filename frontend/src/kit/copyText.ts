/** Lays a text where it can be pasted. On a device beside the server's machine browsers give no clipboard: there it goes by way of a selection. */
export async function copyText(text: string): Promise<void> {
  // Typed as always there, which it is on secure pages only.
  const clipboard = navigator.clipboard as Clipboard | undefined;
  if (clipboard) return clipboard.writeText(text);
  const held = document.createElement("textarea");
  held.value = text;
  document.body.append(held);
  held.select();
  // The one way there is without a clipboard.
  document.execCommand("copy");
  held.remove();
}
