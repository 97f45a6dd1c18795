/** One thing to do differently. */
export type Change =
  | 'shallower-supers'
  | 'shallower-brood'
  | 'eight-frames'
  | 'one-frame-less'
  | 'two-frames-less'
  | 'half-full-boxes'
  | 'crop-earlier'
  | 'lower-stand'
  | 'no-stand'
  | 'second-stand'
  | 'two-people'
  | 'frame-by-frame'
