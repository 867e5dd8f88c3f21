/** A line of a menu: what it says, the key that does the same, whether it holds now, and what it does; a heading does nothing. */
export interface MenuEntry { word: string, key?: string, on?: boolean, run?: () => unknown }
