/** How many bags are drawn at a time as one goes down the shelf. */
export const SHELF_PAGE = 12;
