// Made by scripts/openapi from the service's description; change the records there.

/** What a number may be; bind it to a field: v-bind="LIMITS.Setting.slotMinutes". */
export const LIMITS = {
  ArrivalBurst: {
    atMinute: {
      min: 0,
      max: 1440,
    },
    faces: {
      min: 1,
      max: 200,
    },
  },
  ArrivalRate: {
    fromMinute: {
      min: 0,
      max: 1440,
    },
    perHour: {
      min: 0,
      max: 1000,
    },
  },
  BoothBreak: {
    atMinute: {
      min: 0,
      max: 1440,
    },
    minutes: {
      min: 1,
      max: 240,
    },
  },
  BoothDay: {
    fromMinute: {
      min: 0,
      max: 1440,
    },
    untilMinute: {
      min: 0,
      max: 1440,
    },
    patienceMinutes: {
      min: 1,
      max: 600,
    },
    takesOther: {
      min: 0,
      max: 1,
    },
    betweenMinutes: {
      min: 0,
      max: 60,
    },
    inTimeChance: {
      min: 0.5,
      max: 0.99,
    },
  },
  BoothPainter: {
    timePercent: {
      min: 20,
      max: 500,
    },
    fromMinute: {
      min: 0,
      max: 1440,
    },
    untilMinute: {
      min: 0,
      max: 1440,
    },
  },
  Brief: {
    minutes: {
      min: 1,
      max: 720,
    },
    boldness: {
      min: -2,
      max: 2,
    },
    seed: {
      min: 0,
      max: 1000000,
    },
  },
  BusyTime: {
    fromMinute: {
      min: 0,
      max: 1440,
    },
    untilMinute: {
      min: 0,
      max: 1440,
    },
  },
  CallPainter: {
    timePercent: {
      min: 20,
      max: 500,
    },
    fromMinute: {
      min: 0,
      max: 1440,
    },
  },
  CallWearer: {
    ownMinutes: {
      min: 0.5,
      max: 600,
    },
    dryMinutes: {
      min: 0,
      max: 240,
    },
    wigMinutes: {
      min: 0,
      max: 240,
    },
    costumeMinutes: {
      min: 0,
      max: 240,
    },
    fromMinute: {
      min: 0,
      max: 1440,
    },
  },
  Case: {
    evenings: {
      min: 1,
      max: 400,
    },
    shortChance: {
      min: 0.001,
      max: 0.5,
    },
    everyDays: {
      min: 1,
      max: 31,
    },
    amountPercent: {
      min: 20,
      max: 500,
    },
  },
  CaseLine: {
    faces: {
      min: 1,
      max: 1000,
    },
  },
  ChairCoat: {
    seconds: {
      min: 0,
      max: 86400,
    },
  },
  ChairEvent: {
    number: {
      min: 1,
      max: 1000000,
    },
  },
  ChairGround: {
    drySeconds: {
      min: 0,
      max: 86400,
    },
  },
  ChairStep: {
    painter: {
      min: 1,
      max: 2,
    },
    seconds: {
      min: 0,
      max: 86400,
    },
    waitSeconds: {
      min: 0,
      max: 86400,
    },
    dryingSeconds: {
      min: 0,
      max: 86400,
    },
    setUpSeconds: {
      min: 0,
      max: 86400,
    },
    sdSeconds: {
      min: 0,
      max: 86400,
    },
    usualWorkSeconds: {
      min: 0,
      max: 86400,
    },
    usualSetUpSeconds: {
      min: 0,
      max: 86400,
    },
  },
  ChairWay: {
    loss: {
      min: 0,
      max: 2,
    },
  },
  CharacterColour: {
    withinDeltaE: {
      min: 0.5,
      max: 50,
    },
  },
  CharacterPart: {
    lies: {
      min: 0,
      max: 400,
    },
  },
  CoatLay: {
    film: {
      min: 0.05,
      max: 2,
    },
    marksPerLoad: {
      min: 1,
      max: 100,
    },
  },
  DrillPhotoRequest: {
    columns: {
      min: 1,
      max: 4000,
    },
    rows: {
      min: 1,
      max: 4000,
    },
    stepMm: {
      min: 0.1,
      max: 1,
    },
    seconds: {
      min: 1,
      max: 7200,
    },
  },
  DrillRequest: {
    sharePercent: {
      min: 20,
      max: 200,
    },
    turnDeg: {
      min: -180,
      max: 180,
    },
  },
  DrillTry: {
    placeMm: {
      min: 0,
      max: 1000,
    },
    shapeMm: {
      min: 0,
      max: 1000,
    },
    widthPercent: {
      min: -100,
      max: 10000,
    },
    unevenPercent: {
      min: 0,
      max: 10000,
    },
    symmetryMm: {
      min: 0,
      max: 1000,
    },
    coveredPercent: {
      min: 0,
      max: 100,
    },
    tonePercent: {
      min: 0,
      max: 10000,
    },
    missing: {
      min: 0,
      max: 200,
    },
    seconds: {
      min: 1,
      max: 7200,
    },
  },
  Forbidden: {
    withinDeltaE: {
      min: 0,
      max: 50,
    },
  },
  FormWish: {
    strength: {
      min: 0,
      max: 2,
    },
    tones: {
      min: 3,
      max: 5,
    },
    highlightCap: {
      min: 0,
      max: 60,
    },
  },
  GuestLinkRequest: {
    days: {
      min: 1,
      max: 60,
    },
  },
  HandMeasures: {
    knucklesMm: {
      min: 40,
      max: 120,
    },
    backMm: {
      min: 40,
      max: 140,
    },
    wristMm: {
      min: 90,
      max: 260,
    },
    forearmMm: {
      min: 120,
      max: 420,
    },
    forearmLongMm: {
      min: 80,
      max: 280,
    },
  },
  Hanging: {
    share: {
      min: 0,
      max: 1,
    },
    offMm: {
      min: -40,
      max: 60,
    },
    turnDeg: {
      min: -180,
      max: 180,
    },
  },
  Idea: {
    grounded: {
      min: 0,
      max: 1,
    },
  },
  IdeaPart: {
    oneSided: {
      min: 0,
      max: 1,
    },
  },
  KeptCall: {
    fromMinute: {
      min: 0,
      max: 1440,
    },
    paintedMinute: {
      min: 0,
      max: 1440,
    },
    readyMinute: {
      min: 0,
      max: 1440,
    },
  },
  LampLevel: {
    level: {
      min: 0,
      max: 10,
    },
    azimuthDeg: {
      min: -360,
      max: 360,
    },
    elevationDeg: {
      min: -90,
      max: 90,
    },
    spreadDeg: {
      min: 0,
      max: 90,
    },
    distanceM: {
      min: 0.25,
      max: 100,
    },
  },
  LampPlace: {
    azimuthDeg: {
      min: -360,
      max: 360,
    },
    elevationDeg: {
      min: -90,
      max: 90,
    },
    spreadDeg: {
      min: 0,
      max: 90,
    },
    level: {
      min: 0,
      max: 100,
    },
    distanceM: {
      min: 0.25,
      max: 100,
    },
  },
  LatePainter: {
    fromMinute: {
      min: 0,
      max: 1440,
    },
  },
  Look: {
    wetLifts: {
      min: 0,
      max: 0.5,
    },
  },
  Mending: {
    seconds: {
      min: 1,
      max: 3600,
    },
  },
  MenuLine: {
    wanted: {
      min: 0,
      max: 1000,
    },
    ownMinutes: {
      min: 0.5,
      max: 600,
    },
    price: {
      min: 0,
      max: 10000,
    },
  },
  Move: {
    outMm: {
      min: -80,
      max: 80,
    },
    upMm: {
      min: -80,
      max: 80,
    },
  },
  OwnPoint: {
    xMm: {
      min: -400,
      max: 400,
    },
    yMm: {
      min: -600,
      max: 400,
    },
    press: {
      min: 0,
      max: 3,
    },
  },
  PaintDescription: {
    cardFilmUm: {
      min: 0,
      max: 500,
    },
    coatFilmUm: {
      min: 0,
      max: 500,
    },
    dryingSeconds: {
      min: 0,
      max: 7200,
    },
    leftMl: {
      min: 0,
      max: 100000,
    },
    price: {
      min: 0,
      max: 1000000,
    },
    potMl: {
      min: 0.1,
      max: 100000,
    },
    flakeMm: {
      min: 0.001,
      max: 20,
    },
  },
  PaintPot: {
    keepsMonths: {
      min: 0.5,
      max: 120,
    },
    fullG: {
      min: 0.1,
      max: 100000,
    },
    weighedG: {
      min: 0,
      max: 100000,
    },
  },
  PaintShare: {
    parts: {
      min: 0,
      max: 100,
    },
  },
  Painting: {
    lookRevision: {
      min: 1,
      max: 1000000000,
    },
    slotMinutes: {
      min: 1,
      max: 720,
    },
    likelySeconds: {
      min: 0,
      max: 86400,
    },
    sdSeconds: {
      min: 0,
      max: 86400,
    },
    confidence: {
      min: 0.5,
      max: 0.99,
    },
    takenMinutes: {
      min: 0.1,
      max: 1440,
    },
  },
  Part: {
    unevenness: {
      min: 0,
      max: 1,
    },
    reliefMm: {
      min: -20,
      max: 20,
    },
  },
  Performance: {
    bellMinute: {
      min: 1,
      max: 1440,
    },
    openMinute: {
      min: 0,
      max: 1440,
    },
  },
  PhotoFinding: {
    mendingMinutes: {
      min: 0,
      max: 720,
    },
  },
  PinnedReference: {
    sizePercent: {
      min: 20,
      max: 800,
    },
    turnDeg: {
      min: -180,
      max: 180,
    },
  },
  PlaceRange: {
    outMm: {
      min: -300,
      max: 300,
    },
    upMm: {
      min: -400,
      max: 400,
    },
    withinMm: {
      min: 0.5,
      max: 100,
    },
  },
  Production: {
    chairs: {
      min: 1,
      max: 20,
    },
    sinks: {
      min: 1,
      max: 20,
    },
    sinkMinutes: {
      min: 0,
      max: 60,
    },
    betweenMinutes: {
      min: 0,
      max: 60,
    },
    pauseAfterMinutes: {
      min: 20,
      max: 600,
    },
    pauseMinutes: {
      min: 0,
      max: 120,
    },
    readyChance: {
      min: 0.5,
      max: 0.99,
    },
  },
  PullOut: {
    mm: {
      min: 1,
      max: 40,
    },
  },
  Rim: {
    depthMm: {
      min: 0.5,
      max: 20,
    },
    eachMm: {
      min: 2,
      max: 50,
    },
  },
  Setting: {
    slotMinutes: {
      min: 1,
      max: 720,
    },
    viewingDistanceM: {
      min: 0.2,
      max: 200,
    },
    necklineMm: {
      min: -60,
      max: 150,
    },
    necklineWidthMm: {
      min: 60,
      max: 420,
    },
    ambient: {
      min: 0,
      max: 1,
    },
    painters: {
      min: 1,
      max: 2,
    },
    confidence: {
      min: 0.5,
      max: 0.99,
    },
    adaptingCdM2: {
      min: 0.1,
      max: 10000,
    },
    wearHours: {
      min: 0.1,
      max: 48,
    },
  },
  SizeRange: {
    least: {
      min: -10000,
      max: 10000,
    },
    most: {
      min: -10000,
      max: 10000,
    },
  },
  SplitLoad: {
    overlap: {
      min: 0,
      max: 1,
    },
    axisDeg: {
      min: -360,
      max: 360,
    },
    powder: {
      min: 0,
      max: 1,
    },
  },
  SplitStripe: {
    place: {
      min: 1,
      max: 40,
    },
  },
  ToolDescription: {
    widthMm: {
      min: 0.3,
      max: 200,
    },
    areaCm2PerMinute: {
      min: 0.5,
      max: 2000,
    },
    lineMmPerSecond: {
      min: 0.5,
      max: 400,
    },
    lineMmPerLoad: {
      min: 1,
      max: 1000000,
    },
    areaCm2PerLoad: {
      min: 0.1,
      max: 10000,
    },
  },
  TraceRequest: {
    fromDeg: {
      min: -90,
      max: 90,
    },
  },
  TypedTime: {
    seconds: {
      min: 0.1,
      max: 86400,
    },
  },
  WearerCard: {
    patienceMinutes: {
      min: 1,
      max: 720,
    },
  },
  ZoneRelief: {
    mm: {
      min: -20,
      max: 20,
    },
    falloffMm: {
      min: 1,
      max: 60,
    },
  },
} as const

/** The most letters of a text. */
export const LETTERS = {
  AvailabilityRequest: {
    calendar: 2000000,
  },
  BoothDay: {
    name: 120,
    kit: 120,
    setting: 120,
    notes: 4000,
  },
  BoothPainter: {
    name: 120,
  },
  Brief: {
    words: 200,
    lips: 100,
  },
  CallPainter: {
    name: 120,
  },
  CallWearer: {
    name: 120,
    look: 120,
    face: 120,
    painter: 120,
  },
  Case: {
    name: 120,
    kit: 120,
    setting: 120,
    notes: 4000,
  },
  CaseLine: {
    look: 120,
    face: 120,
  },
  ChairCoat: {
    key: 300,
  },
  ChairEvent: {
    id: 60,
    device: 60,
    step: 300,
    other: 300,
    words: 300,
  },
  ChairGround: {
    step: 300,
  },
  ChairStep: {
    key: 300,
    title: 300,
    hand: 300,
  },
  ChairWay: {
    part: 120,
    label: 300,
    restsOn: 120,
  },
  Character: {
    name: 120,
    notes: 4000,
  },
  CharacterColour: {
    id: 40,
    name: 120,
  },
  Cleaning: {
    what: 300,
  },
  CoatLay: {
    words: 300,
  },
  CredentialRequest: {
    credential: 20000,
  },
  DrillBook: {
    name: 120,
    notes: 4000,
  },
  DrillPhotoRequest: {
    rgb: 2500000,
  },
  DrillRequest: {
    exercise: 241,
  },
  DrillTry: {
    exercise: 241,
  },
  Face: {
    name: 120,
  },
  Forbidden: {
    named: 120,
  },
  ForgottenRequest: {
    name: 254,
  },
  Hanging: {
    at: 40,
    on: 120,
  },
  Idea: {
    name: 120,
    leads: 20,
  },
  IdeaPalette: {
    name: 120,
  },
  IdeaPart: {
    kind: 40,
    oneOf: 40,
    says: 120,
  },
  JoinRequest: {
    name: 80,
    password: 1000,
    mail: 254,
  },
  KeptCall: {
    wearer: 120,
    painter: 120,
  },
  Kit: {
    name: 120,
  },
  LatePainter: {
    name: 120,
  },
  Look: {
    name: 120,
    production: 120,
    notes: 4000,
  },
  LookStage: {
    name: 120,
  },
  MailAddressRequest: {
    mail: 254,
    password: 1000,
  },
  Mending: {
    coat: 240,
  },
  MenuLine: {
    look: 120,
  },
  OwnPoint: {
    at: 40,
  },
  PaintDescription: {
    name: 120,
    ingredients: 4000,
  },
  PaintPot: {
    lot: 120,
    boughtAt: 120,
  },
  Painting: {
    name: 120,
    look: 120,
    face: 120,
    kit: 120,
    setting: 120,
    painter: 120,
    secondPainter: 120,
    notes: 4000,
  },
  Part: {
    name: 120,
  },
  PassedStop: {
    part: 120,
    paint: 120,
    words: 300,
  },
  PasswordChange: {
    present: 1000,
    password: 1000,
  },
  PasswordRequest: {
    password: 1000,
  },
  PhotoFinding: {
    part: 120,
    words: 300,
    mending: 300,
  },
  PictureMatch: {
    at: 40,
  },
  PinnedReference: {
    reference: 120,
  },
  PlaceRange: {
    from: 40,
  },
  Production: {
    name: 120,
    kit: 120,
    setting: 120,
    notes: 4000,
  },
  QueueEvent: {
    id: 60,
    ticket: 60,
    look: 120,
    painter: 120,
    name: 120,
  },
  Reaction: {
    where: 300,
    what: 300,
    done: 300,
  },
  ReferencePicture: {
    name: 120,
    picture: 900000,
    notes: 4000,
  },
  ResetRequest: {
    password: 1000,
  },
  ReviewedPhoto: {
    colours: 300000,
  },
  Setting: {
    name: 120,
    light: 4000,
    timesOf: 120,
  },
  SignInRequest: {
    name: 254,
    password: 1000,
  },
  SizeRange: {
    number: 120,
    of: 120,
  },
  StudioName: {
    name: 120,
  },
  StudioResource: {
    name: 120,
  },
  ToolDescription: {
    name: 120,
  },
  TypedTime: {
    step: 300,
  },
  Understudy: {
    for: 120,
    name: 120,
    face: 120,
  },
  UsedPaint: {
    paint: 120,
    name: 120,
    lot: 120,
  },
  Wearer: {
    face: 120,
    look: 120,
  },
  WearerCard: {
    wants: 300,
    doesNotWant: 300,
  },
} as const

/** The most entries of a list. */
export const ENTRIES = {
  AvailabilityRequest: {
    days: 200,
  },
  BoothDay: {
    menu: 14,
    painters: 20,
    arrivals: 48,
    bursts: 40,
  },
  BoothPainter: {
    breaks: 6,
  },
  Brief: {
    without: 200,
    keep: 40,
  },
  CallPainter: {
    looks: 60,
    busy: 1000,
  },
  Case: {
    lines: 60,
    cleaned: 400,
  },
  ChairEvent: {
    parts: 400,
  },
  ChairStep: {
    parts: 400,
    coats: 4000,
    after: 4000,
  },
  ChairWay: {
    leaves: 4000,
  },
  Character: {
    parts: 400,
    palette: 60,
    forbidden: 60,
    references: 12,
    wearers: 60,
  },
  CharacterPart: {
    sizes: 40,
    words: 40,
  },
  DayForecastResource: {
    lines: 14,
    choices: 16384,
    changes: 15,
  },
  DrillBook: {
    tries: 2000,
  },
  FacePhoto: {
    points: 600,
  },
  HeldThing: {
    corners: 8,
  },
  Idea: {
    words: 60,
    palettes: 12,
    parts: 60,
    spoils: 20,
  },
  IdeaPalette: {
    of: 60,
  },
  IdeaPart: {
    of: 60,
  },
  Kit: {
    paints: 500,
    tools: 100,
  },
  Look: {
    parts: 400,
    stages: 12,
    mendings: 400,
    tags: 12,
    references: 12,
    passed: 60,
  },
  LookStage: {
    coats: 4000,
  },
  MeasureRequest: {
    photos: 5,
  },
  Motif: {
    shapes: 200,
  },
  MotifShape: {
    points: 12000,
  },
  OrderWish: {
    sequence: 4000,
    pins: 4000,
    ties: 4000,
    over: 4000,
  },
  OwnDrawing: {
    points: 40,
  },
  Painting: {
    paints: 500,
    steps: 2000,
    ways: 2000,
    only: 400,
    typed: 2000,
    passed: 120,
    findings: 40,
  },
  Performance: {
    away: 20,
    late: 20,
    understudies: 60,
    calls: 60,
  },
  PlanRequest: {
    onScreen: 4000,
  },
  Production: {
    wearers: 60,
    painters: 20,
    performances: 200,
  },
  ReviewAnswer: {
    photos: 5,
  },
  ReviewRequest: {
    photos: 5,
  },
  ReviewedPhoto: {
    white: 3,
  },
  Setting: {
    lamps: 24,
    conditions: 20,
  },
  TraceRequest: {
    landmarks: 3,
    points: 4000,
  },
  WearerCard: {
    allergies: 20,
    states: 20,
    brings: 20,
    passed: 60,
  },
} as const

/** What stands where nobody said anything. */
export const USUAL = {
  BoothPainter: {
    timePercent: 100,
  },
  Brief: {
    ornament: true,
    boldness: 0,
    seed: 1,
    old: false,
  },
  BusyTime: {
    fromMinute: 0,
    untilMinute: 1440,
  },
  CallPainter: {
    timePercent: 100,
  },
  CallWearer: {
    dryMinutes: 5,
    wigMinutes: 0,
    costumeMinutes: 10,
  },
  Case: {
    evenings: 1,
    queue: false,
    shortChance: 0.05,
  },
  CoatLay: {
    film: 1,
    intoWet: false,
  },
  CodeRequest: {
    stay: false,
  },
  DrillRequest: {
    leftHanded: false,
  },
  DrillTry: {
    coveredPercent: 100,
    missing: 0,
  },
  Forbidden: {
    withinDeltaE: 0,
  },
  FormWish: {
    strength: 1,
    tones: 5,
    highlightCap: 14,
    folds: true,
    leftOut: false,
  },
  HandMeasures: {
    knucklesMm: 82,
    backMm: 88,
    wristMm: 165,
    forearmMm: 260,
    forearmLongMm: 170,
  },
  Hanging: {
    share: 0,
    offMm: 0,
    turnDeg: 0,
    once: false,
  },
  HeldThing: {
    longMm: 85.6,
    shortMm: 53.98,
  },
  IdeaPart: {
    ornament: false,
    oneSided: 0,
  },
  LampLevel: {
    azimuthDeg: 0,
    elevationDeg: 20,
    spreadDeg: 45,
  },
  LampPlace: {
    spreadDeg: 12,
    level: 1,
  },
  Look: {
    wetLifts: 0,
  },
  Mending: {
    takenOut: false,
  },
  MenuLine: {
    wanted: 10,
    offered: true,
  },
  OwnDrawing: {
    closed: false,
    straight: false,
  },
  OwnPoint: {
    press: 1,
  },
  Performance: {
    bellMinute: 1140,
    openMinute: 840,
  },
  PinnedReference: {
    sizePercent: 100,
    turnDeg: 0,
    mirrored: false,
  },
  PlanRequest: {
    draft: false,
    onOneself: false,
  },
  PlanSetting: {
    onOneself: false,
  },
  PullOut: {
    mm: 8,
  },
  SeenPoint: {
    sure: 1,
    byHand: false,
  },
  Setting: {
    necklineWidthMm: 170,
    ambient: 0.5,
    painters: 1,
    rightHanded: true,
    confidence: 0.8,
    adaptingCdM2: 20,
    onOneself: false,
  },
  SignInRequest: {
    stay: false,
  },
  SplitLoad: {
    overlap: 0.5,
    axisDeg: 90,
    flipped: true,
    fromMiddle: false,
    powder: 0,
    acrossMark: false,
  },
  TraceRequest: {
    closed: false,
  },
} as const
