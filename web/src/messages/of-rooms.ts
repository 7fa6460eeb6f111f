/** Texts of several rooms under one roof: each by its room and its id, since rooms use the same ids for other things. */
export function ofRooms(
  rooms: Readonly<Record<string, Readonly<Record<string, string>>>>,
): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(rooms).flatMap(([room, texts]) =>
      Object.entries(texts).map(([id, text]) => [`${room}:${id}`, text]),
    ),
  );
}
