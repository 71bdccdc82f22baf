/** Where a teacher's own picture is taken, as bytes under an id that its sender chose. */
export const pictureUploadAt = (pictureId: string) => `/api/pictures/${pictureId}`;

/** Where a picture is looked at: texts point here. */
export const pictureAt = (pictureId: string) => `/pictures/${pictureId}`;
