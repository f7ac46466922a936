import type { ObservationId, StopRuleId } from './vocabulary'

/**
 * Plain words to what they say. Each rule is looked for in one clause at a time, in lower case, slips mended, numbers in
 * figures; the first that holds of an observation counts. A rule whose words stand behind a "not" in its clause is denied,
 * unless its own words hold the "not" already.
 */
export interface NoticeRule {
  observation: ObservationId
  value: string
  pattern: RegExp
  /** Words in the same clause that say it is about something else. */
  unless?: RegExp
  /** What it means where it is denied; denied and nothing more where left out. */
  denied?: string
}

const rule = (
  observation: ObservationId,
  value: string,
  pattern: RegExp,
  more: { unless?: RegExp; denied?: string } = {},
): NoticeRule => ({ observation, value, pattern, ...more })

/** Things of the machine that do not turn themselves: what is said of them is not said of the fan. */
const OTHER =
  /\b(?:light|lamp|bulbs?|compressor|burner|flames?|detector|alarm|tube|plug|switch|contactor|button|drain|damper|flap|shutters?|breaker|relay|igniter|belt|capacitor|cap\b)/
const NOT =
  "(?:not|n't|never|no longer|won't|doesn't|don't|isn't|wasn't|can't|cannot|couldn't|wouldn't|didn't|hasn't|refuses to|fails to|stopped)"

export const noticeRules: NoticeRule[] = [
  // What the fan does.
  rule(
    'fan-state',
    'wont-stop',
    /\b(?:won't|will not|doesn't|does not|never|wouldn't) (?:stop|shut off|turn off|switch off|go off)\b|\bruns? (?:all the time|constantly|round the clock|non-?stop|day and night|even with)|\bstill going round\b|\bruns on and on\b|\bnever (?:switches|turns|shuts) off\b|\bkeeps running\b(?!.*minute)/,
    { unless: /\b(?:noise|rattl\w+)\b/ },
  ),
  rule(
    'fan-state',
    'runs-backwards',
    /\bbackwards?\b|\b(?:turns?|spins?|runs?|goes) (?:the )?(?:wrong|other) way\b|\bin reverse\b/,
  ),
  rule(
    'fan-state',
    'starts-then-stops',
    /\bcuts? out\b|\bshuts? (?:itself )?off after\b|\b(?:starts?|runs?|goes|comes on|lights|fires|ignites|kicks (?:on|in))(?: up)?(?: for)?(?: a| \d+)?(?: few)?(?: sec(?:ond)?s?| min(?:ute)?s?| bit| moment)?,? (?:and |then |but |and then )+(?:it )?(?:stops?|quits?|dies|cuts? out|shuts? (?:off|down))\b|\bstarts then quits\b|\bstops? after (?:a |\d+ )?(?:few )?(?:sec(?:ond)?s?|min(?:ute)?s?)\b|\bruns? (?:a|\d+|a few) (?:sec(?:ond)?s?|min(?:ute)?s?),? (?:and |then )*(?:stops?|quits?|dies|cuts? out)\b|\bruns? a minute\b/,
  ),
  rule(
    'fan-state',
    'intermittent',
    /\bsometimes\b|\bon and off\b|\bintermittent\w*|\bnow and (?:then|again)\b|\bwhen it (?:wants?|likes?|feels)|\bcomes and goes\b|\bevery so often\b|\bstop and start\b|\bstarts? when i wiggle\b/,
  ),
  rule('fan-state', 'hums', /\b(?:only |just |it )?(?:hums?|humming|buzz(?:es|ing)?|drones?)\b/, {
    unless: /\bcompressor\b|\btransformer\b|\b(?:runs?|running|spins) (?:but|and|fine)\b/,
  }),
  rule(
    'fan-state',
    'slow',
    /\bslow(?:s|er|ly|ing)?(?: (?:right )?down)?\b|\bcrawl(?:s|ing)?\b|\bsluggish\b|\bcreeps?\b|\bnever gets up to speed\b|\blos(?:es|ing|t) speed\b|\bhalf speed\b/,
    {
      unless:
        /\bmonth after month\b|\bslower and slower\b|\bslower (?:every|each) (?:week|month|year|season)\b/,
    },
  ),
  rule(
    'fan-state',
    'runs-normally',
    /\bruns? (?:fine|normal(?:ly)?|ok|okay|well|good|as (?:it|usual))\b|\bworks? (?:fine|normally|again)\b|\bruns fine and quiet\b/,
    { unless: /\buntil\b|\bbut\b|\bmotor (?:looks|seems)/ },
  ),
  rule(
    'fan-state',
    'dead',
    new RegExp(
      `\\b(?:stone )?dead\\b(?! slow| short)|\\b${NOT} (?:even |ever |want to |actually )?(?:run|running|turn(?:ing)?(?! (?:freely|by hand|with hand))|spin(?:ning)?|start(?:ing)?|go(?:ing)?(?: round)?(?! off)|work(?:ing)?|mov(?:e|ing)|kick(?:s|ing)? in|come on|fire up)\\b|\\b(?:packed up|carked it|conked out|gave up|given up|gone kaput|kaput|burnt out|died|quit|bust(?:ed)?|knackered|stopped working|has stopped|is stopped|stopped(?= and| since|$))|\\bstands? still\\b|\\bjust standing there\\b|\\bstays? (?:silent|put|still)\\b|\\bnothing (?:at all )?happens\\b|\\bdoes (?:nothing|nowt|naff all)\\b|\\bnot move\\b|\\bno sign of life\\b|\\bno longer (?:runs?|turns?|works?)\\b|\\bfan doesn't\\b|\\bshould be going .*but isn't\\b|\\bstays silent\\b|\\bfan nothing\\b|\\bnothing, not even a (?:hum|click|twitch|sound)\\b|\\b(?:is|stands|sits) (?:dead )?still$`,
    ),
    { unless: /\b(?:starts then|stops? dead|dead slow|belt slips|needed a (?:shove|push))\b/ },
  ),
  rule('fan-state', 'runs-noisy', /\bnoisy\b|\b(?:very|is|so|too|gone) loud\b/),
  // What is heard.
  rule(
    'sound',
    'squeal',
    /\bsqueal\w*|\bscreech\w*|\bscream\w*|\bwhin(?:e|es|ing)\b|\bhigh[ -]pitched\b|\bchirp\w*|\bsqueak\w*|\bshriek\w*/,
  ),
  rule(
    'sound',
    'grinding',
    /\bgrind\w*|\bgrates?\b|\bgrating\b|\bcoffee (?:mill|grinder)\b|\bcrunch\w*|\bgravel\b|\bgrowl\w*/,
  ),
  rule('sound', 'rattle', /\brattl\w*|\bjingl\w*|\bclatter\w*|\bknocking\b/),
  rule(
    'sound',
    'clicking',
    /\btick(?:s|ing)?\b|\bclick(?:s|ing)?\b|\btok tok\b|\btap(?:s|ping) (?:noise|sound)/,
    { unless: /\bpull chain\b|\bcontactor\b|\brelay\b/ },
  ),
  rule('sound', 'roar', /\broar\w*|\blike a (?:jet|plane|hoover)\b|\bhowl\w*/),
  rule('sound', 'hum', /\bhum(?:s|ming|med)?\b|\bbuzz\w*|\bdron(?:es?|ing)\b/, {
    unless: /\bcompressor\b|\btransformer\b/,
  }),
  rule(
    'sound',
    'nothing',
    /\bsilent\b|\bno (?:noise|sound)\b(?! of)|\bcan't hear (?:the fan|it|anything)\b|\bdead quiet\b|\bno hum no click\w*\b/,
  ),
  // What is smelt.
  rule(
    'smell',
    'gas',
    /\bgas\b.{0,24}\bsmell\w*|\bsmell\w*\b.{0,24}\b(?:gas|propane|rotten eggs?)\b|\bgas leak\b|\bstink\w* of gas\b/,
  ),
  rule(
    'smell',
    'burnt',
    /\bburn(?:t|ing|ed)? (?:smell|plastic|electric\w*|wires?|rubber|dust)|\bsmell\w*\b.{0,20}\b(?:burn\w*|singed|scorched|hot|electric\w*)\b|\bstink\w*\b.{0,20}\b(?:burn\w*|hot electrics?|electric\w*)\b|\bsinged\b|\bacrid\b/,
    { unless: /\bstinking hot\b/ },
  ),
  // How hot its case is.
  rule(
    'case-heat',
    'too-hot-to-touch',
    /\btoo hot to (?:touch|hold)\b|\b(?:can(?:'t|not| not)|couldn't) (?:hold|keep|bear|touch)\b.{0,30}\b(?:on it|finger|hand|palm|it)\b|\b(?:can(?:'t|not| not)|couldn't) leave (?:my|your|a|the) (?:hand|finger\w*|palm)\b|\btoo hot to (?:keep|leave|lay|put)\b|\bburn(?:ed|t) my (?:finger\w*|hand)\b|\b(?:stinking|scalding|red|boiling|scorching|roasting) hot\b|\bshell burned\b|\bso hot\b/,
  ),
  rule(
    'case-heat',
    'warm',
    /\bmotor (?:body |casing |case |housing )?(?:is |was |gets |feels )?(?:only |just |a bit |slightly )?(?:luke)?warm\b|\b(?:motor|case|casing|housing) (?:is )?(?:only |just )?lukewarm\b|\b(?:body|casing|case|shell) is warm\b|\bcan keep my (?:palm|hand)\b|\bhand-?warm\b/,
  ),
  rule(
    'case-heat',
    'cold',
    /\b(?:stone|quite|completely) cold\b|\b(?:motor|body|casing|case) (?:is |was )?(?:quite |stone |still )?cold\b|\bcold to the touch\b/,
  ),
  // How it turns by hand.
  rule(
    'free-spin',
    'slips-on-shaft',
    /\bshaft turn\w*\b.{0,30}\b(?:blade|wheel) (?:stays|doesn't)|\b(?:blade|wheel) slips? on (?:the|its) shaft\b/,
  ),
  rule(
    'free-spin',
    'seized',
    new RegExp(
      `\\bseized\\b|\\bjammed\\b|\\block(?:ed)? (?:up|solid)\\b|\\b${NOT} (?:turn|spin|budge|move) ?(?:it|the blades?|the wheel)?,? ?(?:even )?(?:by|with) hand\\b|\\bcan't (?:budge|turn|move) (?:it|the blade|the wheel)\\b|\\bstuck (?:solid|fast)\\b|\\bsolid\\b(?=.*turn)`,
    ),
    { unless: /\bswitch\b|\bmounts?\b|\bdamper\b|\bflap\b/ },
  ),
  rule(
    'free-spin',
    'rubs',
    /\brub(?:s|bing)\b|\bscrap(?:es|ing) (?:the |on |against )|\btouches the (?:housing|shroud)|\bcatches on\b/,
  ),
  rule(
    'free-spin',
    'rough',
    /\brough\b|\bgritty\b|\bfeel\w* (?:the )?(?:sand|grit)\b|\bsand in it\b|\bgravelly\b/,
  ),
  rule('free-spin', 'wobbles', /\b(?:shaft|wheel|blade) wobbl\w*|\bplay in the (?:shaft|bearing)/, {
    unless: /\bno play\b/,
  }),
  rule('free-spin', 'stiff', /\bstiff\w*|\bhard to turn\b|\bheavy to turn\b|\bturns? (?:hard|heavily)\b/),
  rule(
    'free-spin',
    'free',
    /\b(?:spin|turn|rotate)\w*(?: (?:it|round|around))? (?:quite |very |really |nice and )?(?:free(?:ly)?|easy|easily|sweet(?:ly)?|fine by hand)\b|\bspins free\b|\bturn(?:s)? (?:it )?(?:with|by) (?:one |a |my )?(?:finger|hand) (?:very |quite )?(?:easy|easily|freely)\b|\bcan turn it with (?:one|1|a) finger\b|\bwith (?:a|one|1) finger, no (?:bother|trouble|problem)|\bspins? (?:sweet|nicely|freely)\b|\bfree by hand\b/,
  ),
  // How it runs out.
  rule(
    'coast-down',
    'coasts-long',
    /\bcoasts?\b(?! (?:no|not))|\bkeeps (?:spinning|turning)\b.{0,20}\b(?:minute|while|ages)\b|\bspins on for\b|\bglides? for\b/,
    { unless: /\bused to\b/ },
  ),
  rule(
    'coast-down',
    'stops-quickly',
    /\bstops? (?:the (?:second|moment|instant)|dead|at once|straight away|immediately|short|quickly)\b.{0,24}(?:switch|off|power|cut|i )|\bno coasting\b|\bstops dead\b/,
  ),
  // A push.
  rule(
    'nudge-start',
    'starts-slowly',
    /\b(?:push|pok|prod|shov|nudg|spun|help)\w*\b.*\b(?:creeps|slowly|sluggish\w*|never gets up to speed|crawls)\b/,
  ),
  rule(
    'nudge-start',
    'does-nothing',
    /\b(?:push|pok|prod|shov|nudg)\w*\b.*\b(?:nope|nothing|not a thing|no joy|no difference|didn't help|still dead)\b/,
  ),
  rule(
    'nudge-start',
    'starts-and-runs',
    /\b(?:goes|runs|starts|turns|spins|works)(?: up)? (?:when|if|once|after) (?:i |you |we )?(?:push|nudg|flick|spin|help|give it a (?:push|shove|nudge|flick))\w*|\b(?:push|shove|nudge|flick|poke|prod|kick|spin (?:it|the blade))(?:e?d)?\b.*\b(?:off it went|took (?:right )?off|away it went|(?:it )?(?:runs|starts|started|goes|went|ran))\b|\bneed(?:s|ed) a (?:shove|push|nudge|flick|poke|prod|kick)\b|\b(?:unless|till|until) (?:i |you |we |it is |it'?s )?(?:push|shov|nudg|flick|pok|prod|kick|spun|spin)\w*(?! (?:the |its |a )?(?:reset|button|switch|breaker|lever))|\b(?:starts?|gets? going|turns?|spins?|runs?) (?:with|on|if|when|after) (?:a |i |you )?(?:push|shove|nudge|flick|poke|prod|kick|hit|tap)\w*/,
    { unless: /\brattles till\b|\bnope\b|\bpushed in\b/ },
  ),
  // Which speeds.
  rule(
    'speeds',
    'all-slow',
    /\b(?:slow|crawls)\b.*\b(?:whichever|any|all|every|each)\b.*\bspeeds?\b|\ball (?:the |\d )?speeds? (?:are |run )?(?:too )?slow\b|\ball (?:the |\d )?speeds?\b.{0,24}\bslow\b/,
  ),
  rule(
    'speeds',
    'only-high',
    /\bonly (?:works?|runs?|goes) on (?:\d|high|full|max|top|boost)\b|\bonly (?:high|full|the top)\b(?: speed)?|\b(?:high|highest|top|fastest) speed is the only (?:one|speed)\b/,
    {},
  ),
  rule(
    'speeds',
    'some-missing',
    /\bonly (?:does |works on |runs on )?(?:low|medium|1 speed|one speed)\b|\b(?:cooling|heating|high|low|second|medium) speed (?:never|doesn't|is gone|won't|not)\b|\b\d of (?:the )?\d speeds? works?\b|\bsettings? \d(?: and \d)? do\b|\bone speed (?:is )?(?:gone|missing|dead)\b|\bonly 1 (?:speed )?works\b|\bone works\b|\bspeeds? \d(?: and \d)?(?: is| are)? (?:fine|ok|good)\b.*\b\d (?:is )?(?:gone|dead|missing)\b|\b(?:low|medium|high|\d) (?:and (?:low|medium|high|\d) )?(?:does|do) nothing\b/,
  ),
  rule(
    'speeds',
    'none',
    /\bno speeds? works?\b|\bnone of the speeds?\b|\b(?:not|n't) on any (?:speed|setting)\b/,
  ),
  rule('speeds', 'all', /\ball (?:the |\d )?speeds? work\b|\bevery speed works\b/),
  // What else runs.
  rule(
    'companion',
    'no',
    /\b(?:compressor|light|lamp|burner)\b[^,.;]{0,24}(?:\b(?:doesn't|does not|isn't|won't|not)\b (?:run|come|work|light|fire|either)\w*|\bdead\b|\beither\b)|\bburner won't light\b/,
    { unless: /\binducer runs\b|\bruns but the burner\b/ },
  ),
  rule(
    'companion',
    'yes',
    /\b(?:compressor|light|lamp|box outdoors|outside (?:box|unit)|burners?|furnace)\b[^,.;]{0,30}\b(?:still )?(?:runs?|works?|comes? on|is (?:humming|running|on)|lights? fine|goes|humming away|burns)\b|\bnice blue flames?\b/,
    { unless: /\bfan (?:is|runs)\b|\bwon't\b|\bdoesn't run\b|\bdetector\b|\balarm\b|\bbrighter\b/ },
  ),
  // Since when, and after what.
  rule(
    'onset',
    'after-a-storm-or-outage',
    /\b(?:thunder\w*|storm|lightning|power cut|outage|blackout|surge)\b/,
  ),
  rule(
    'onset',
    'after-painting-or-building-work',
    /\bpainting\b|\bredecorat\w*|\b(?:decorators?|painters?|painted|sprayed|emulsion|building work|builders|plaster\w*|renovat\w*)\b/,
    { unless: /\bpaint pen\b/ },
  ),
  rule(
    'onset',
    'after-water',
    /\bwater got in\b|\bgot water in\b|\bafter\b.{0,30}\b(?:leak\w*|flood\w*|rain|water)\b|\bhad water in\b|\bgot (?:wet|soaked)\b|\bflood(?:ed)?\b|\bceiling leaked\b/,
    { unless: /\bpoured\b/ },
  ),
  rule(
    'onset',
    'after-a-repair',
    /\b(?:since|after|now)\b.{0,30}\b(?:new motor|changed|replaced|swapped|repair\w*|fitted)\b|\b(?:put|fit|fitted|installed)\b.{0,12}\bnew (?:motor|one|capacitor|wheel)\b|\bchanged the motor\b|\bfit new one\b/,
  ),
  rule(
    'onset',
    'slower-over-months',
    /\bslower and slower\b|\bslower (?:every|each) (?:week|month|year|season)\b|\blosing speed\b|\bmonth after month\b|\bgot slower\b/,
  ),
  rule(
    'onset',
    'grew-louder-over-weeks',
    /\bgr[eo]w\w*(?: louder| worse)? over (?:the )?(?:last )?(?:few )?(?:weeks|months|days)\b|\b(?:louder|noisier|worse)\b.{0,40}\b(?:week|month|days)\w*|\b(?:week|month)s?\b.{0,30}\b(?:louder|noisier|worse)\b|\bfor weeks\b.{0,20}\b(?:rattl|squeal|noise|nois)|\b(?:rattled|squealed|whined) .{0,12}for (?:weeks|months)\b|\bgetting (?:louder|noisier)\b/,
  ),
  rule(
    'onset',
    'suddenly',
    /\bsuddenly\b|\ball of a sudden\b|\bfrom 1 (?:day|minute)\b|\bout of the blue\b|\bovernight\b/,
  ),
  // Breaker.
  rule(
    'breaker',
    'rcd-trips',
    /\b(?:rcd|gfci|gfi|rcbo|ground fault|residual)\b.{0,24}\b(?:trips?|pops?|out|goes|kicks|tripped)\b|\b(?:knocks?|trips?|pops?|kicks) the (?:rcd|gfci|gfi)\b/,
  ),
  rule(
    'breaker',
    'trips-again-at-once',
    /\b(?:trips?|flips?|goes|bang|pops?|off)\b.{0,16}\b(?:again|straight (?:away|back)|at once|immediately|each time|every time)\b|\bwon't stay (?:in|on)\b|\bbreaker (?:won't|wont) (?:stay|hold|reset)\b|\bkeeps tripping\b/,
    { unless: /\bheld since\b|\bon and off\b|\bcut the power\b|\bswitch(?:ed)? it off\b/ },
  ),
  rule(
    'breaker',
    'tripped-once',
    /\b(?:trips?|tripped|popped|blew|blows) (?:the |a )?(?:breaker|fuse)\b|\bbreaker\b.{0,30}\btripped(?: once)?\b|\btripped once\b|\bbreaker (?:had )?(?:tripped|popped)\b/,
  ),
  rule(
    'breaker',
    'on',
    /\bbreaker\b.{0,16}\b(?:is |was )?on\b|\bput it back on\b|\bfuse (?:is |looks )?(?:good|fine|ok|whole)\b|\bbreaker (?:is )?fine\b/,
    { unless: /\bbreaker off\b/ },
  ),
  rule(
    'breaker',
    'off',
    /\b(?:turned|switched|flipped|put) (?:the |off the )?breaker(?: off)?\b.{0,4}\boff?\b|\bturned the breaker off\b|\bbreaker (?:is |was )?off\b/,
    { unless: /\bhad been off\b/ },
  ),
  // The wall switch.
  rule(
    'wall-switch',
    'bad',
    /\b(?:switch|pull chain)\b.{0,60}\b(?:no continuity|doesn't (?:beep|make|close)|bad|broken|dead)\b/,
    { unless: /\bpressure\b|\bsail\b|\bdoor switch\b/ },
  ),
  rule(
    'wall-switch',
    'good',
    /\b(?:wall switch|switch on the wall)\b.{0,30}\b(?:fine|good|ok|beeps?|works|continuity|tested ok)\b/,
  ),
  // What sits between.
  rule(
    'contactor-position',
    'not-pulled-in',
    /\bcontactor\b.{0,40}\b(?:isn't|is not|doesn't|not|won't|never)\b.{0,12}\bpull\w*|\b(?:button|plunger) (?:doesn't|isn't|not)\b.{0,16}\b(?:in|move)\b|\bcontactor (?:stays|is) (?:out|up|open)\b/,
  ),
  rule(
    'contactor-position',
    'pulled-in',
    /\bcontactor\b.{0,16}\b(?:is in|pulled in|pulls in|goes in|closes|clunks)\b|\bcontactor is in\b/,
  ),
  rule(
    'safety-switches',
    'stuck-closed',
    /\b(?:sail|pressure|limit|float) switch\b.{0,20}\bstuck (?:shut|closed|in)\b/,
  ),
  rule(
    'safety-switches',
    'one-open',
    /\b(?:pressure|limit|rollout|float|sail|safety) switch\b.{0,30}\b(?:open|tripped|no continuity|stays open)\b/,
  ),
  rule(
    'safety-switches',
    'closed',
    /\b(?:pressure|limit|rollout|float|safety)\b.{0,40}\bswitch\w*\b.{0,24}\b(?:closed|fine|ok|good|beep)\b/,
  ),
  // The capacitor.
  rule(
    'capacitor-look',
    'none-fitted',
    /\bno cap(?:acitor)?\b|\bhas no cap(?:acitor)?\b|\bwithout a cap(?:acitor)?\b/,
  ),
  rule(
    'capacitor-look',
    'bulged-or-leaking',
    /\b(?:bulg|swoll|swell|puff|dome)\w*|\bleak\w*\b|\bweep\w*\b|\bblown top\b/,
    { unless: /\b(?:coil|ceiling|roof|pipe|drain|inside the|water|quit after)\b/ },
  ),
  rule('capacitor-look', 'burnt', /\bcap(?:acitor)?\b.{0,24}\b(?:charred|burnt|burned|black|scorched)\b/),
  rule('capacitor-look', 'cracked', /\bcap(?:acitor)?\b.{0,16}\bcracked\b/),
  rule(
    'capacitor-look',
    'rusty-terminals',
    /\brusty (?:spades|terminals|tabs|lugs)\b|\brust on (?:the )?(?:spades|terminals)\b/,
  ),
  rule('capacitor-look', 'sound', /\bcap(?:acitor)? looks? (?:fine|good|ok|new|sound)\b/),
  rule(
    'capacitor-fan-reading',
    'short',
    /\bcap(?:acitor)? (?:reads? |is |measures? )?(?:a )?(?:dead )?short(?:ed)?\b/,
  ),
  rule(
    'capacitor-fan-reading',
    'open',
    /\bcap(?:acitor)? (?:reads? |is |measures? )?(?:nothing|zero|0|open|ol)\b/,
  ),
  rule(
    'capacitor-label-match',
    'unknown',
    /\bcan't read the (?:numbers|label|print)\b|\blabel (?:is )?(?:gone|unreadable|worn)\b/,
  ),
  rule(
    'capacitor-label-match',
    'differs',
    /\b(?:motor |plate |label )+(?:asks?|says|wants|calls) (?:for )?\d+.{0,4}(?:but|not)|\bcap in there is a \d|\bwrong cap(?:acitor)?\b|\bnot what the (?:plate|motor)\b/,
  ),
  rule(
    'capacitor-label-match',
    'matches',
    /\bsame (?:uf|µf|mfd|value|size) as the (?:motor|plate|label)\b|\bis what the (?:motor )?plate says\b|\bas the (?:motor|plate) asks\b/,
  ),
  // Windings and frame.
  rule(
    'cold-retest',
    'now-good',
    /\blet it cool\b.*\bnow (?:i get |it reads |reads )?\d|\b(?:cooled|cool)\b.{0,30}\bnow\b.{0,16}\b(?:reads?|get|ok|good|\d)/,
  ),
  rule(
    'cold-retest',
    'still-open',
    /\b(?:cold|this morning|overnight)\b.{0,24}\bstill (?:ol|open)\b|\bstill (?:ol|open)\b/,
  ),
  rule(
    'winding',
    'open',
    /\b(?:winding|common to \w+|run to \w+|start to \w+)\b.{0,24}\b(?:ol|open|no continuity|infinite)\b|\bopen winding\b/,
  ),
  rule(
    'winding',
    'good',
    /\bwindings? (?:add up|agree|are good|is good|good|check out|fine|ok)\b|\bseems right for\b|\bohms? (?:which )?(?:seems?|looks?) (?:right|fine|ok)\b/,
  ),
  rule(
    'to-frame',
    'clear',
    /\b(?:frame|ground|case|earth)\b.{0,20}\b(?:is |reads? |shows? )?(?:ol|clear|infinite|nothing|over \d+ meg\w*)\b|\bclear to (?:frame|case|ground)\b/,
    { unless: /\bisn't clear\b|\bnot clear\b/ },
  ),
  rule(
    'to-frame',
    'leaks',
    /\b(?:winding|wire|lead)\b.{0,30}\bto (?:the )?(?:case|frame|ground|metal)\b.{0,20}\b(?:isn't clear|leaks|beeps|continuity)\b|\bisn't clear\b/,
  ),
  // Modules, plugs, brushes.
  rule('module-look', 'not-opened', /\bmodule\b.{0,24}\b(?:not|n't) (?:opened|been opened|looked)\b/),
  rule('module-look', 'water-marks', /\bmodule\b.{0,40}\b(?:water marks|rust|soaked|wet)\b|\bwater marks\b/),
  rule(
    'module-look',
    'burnt-part',
    /\bmodule\b.{0,60}\b(?:burnt|burned|charred|black)\b|\b(?:disc|part|resistor|thermistor)\b.{0,24}\bburnt\b/,
  ),
  rule(
    'module-look',
    'sound',
    /\bmodule\b.{0,40}\b(?:looks? (?:like new|fine|good|clean)|nothing burnt)\b|\beverything in there looks like new\b/,
  ),
  rule(
    'board-drive',
    'none',
    /\bboard (?:gives|sends|puts out) no\b|\bno (?:dc|drive|signal)\b.{0,16}\b(?:board|at all)\b/,
  ),
  rule('brush-length', 'not-fitted', /\bno brushes\b/),
  rule(
    'brush-length',
    'worn-short',
    /\bbrush\w*\b.{0,24}\b(?:worn|down to|nub|short|gone)\b|\bworn brushes\b/,
  ),
  rule('brush-length', 'long', /\bbrush\w*\b.{0,24}\b(?:long|plenty|like new|fine|good)\b/),
  rule(
    'connections',
    'loose-or-burnt',
    /\b(?:plug|connector|pin|wires?|terminal|harness|socket|spade)\b.{0,40}\b(?:melted|brown|burnt|burned|charred|loose|chewed|wiggle|corroded|hanging)\b|\bwiggle the (?:harness|plug|wire)\b|\bchewed (?:thru|through)\b/,
    { unless: /\bset screw\b|\brusty spades\b/ },
  ),
  rule(
    'connections',
    'sound',
    /\b(?:plugs?|connections?|connectors?|wires|wiring)\b.{0,20}\b(?:look|are|is|all) (?:fine|good|ok|tight|sound)\b/,
  ),
  // Hub, belt, mounting, dirt.
  rule('hub', 'cracked', /\b(?:wheel|hub|impeller|blade)\b.{0,16}\bcrack\w*\b/),
  rule(
    'hub',
    'out-of-balance',
    /\bout of balance\b|\bunbalanced\b|\bshak(?:es|ing) (?:very much|like mad|badly)\b/,
  ),
  rule(
    'hub',
    'loose',
    /\b(?:set ?screw|grub ?screw|allen screw)\b.{0,16}\b(?:loose|lose|gone|missing|fell out)\b|\b(?:wheel|hub|blade)\b.{0,12}\bloose\b|\bloose on (?:the|its) shaft\b|\bblade stays put\b/,
  ),
  rule('hub', 'tight', /\b(?:wheel|hub|blade)(?:'s| is)? tight\b/),
  rule('belt', 'not-fitted', /\bno belt\b|\bdirect drive\b/),
  rule('belt', 'broken', /\bbelt\b.{0,30}\b(?:broken|snapped|2 pieces|torn|off)\b/),
  rule('belt', 'slipping', /\bbelt\b.{0,12}\bslip\w*\b|\bbelt is loose\b/),
  rule('belt', 'sound', /\bbelt\b.{0,40}\b(?:good|fine|ok|no cracks|tight)\b/),
  rule(
    'mounting',
    'loose',
    /\b(?:mount\w*|bracket|bolts?|screws on the bracket)\b.{0,24}\b(?:loose|half out|perished|worn|broken|missing)\b/,
    { unless: /\bset ?screw\b/ },
  ),
  rule('mounting', 'tight', /\bmount\w*\b.{0,12}\b(?:solid|tight|fine|ok)\b/),
  rule(
    'fouling',
    'painted-over',
    /\b(?:paint|emulsion)\b.{0,24}\b(?:all over|on the|over the)\b|\bcovered in paint\b|\bpainted over\b/,
  ),
  rule(
    'fouling',
    'iced',
    /\bfull of (?:frost|ice)\b|\blots of (?:ice|frost)\b|\b(?:ice|frost) (?:on|round|around) (?:it|the)\b|\biced up\b|\b(?:frost|iced?|ice)\b.{0,24}\b(?:all over|on the fan|up|covered|over)\b|\bfrozen up\b|\bcaked in ice\b/,
    { unless: /\bice cream\b/ },
  ),
  rule(
    'fouling',
    'debris',
    /\b(?:nest|leaf|leaves|mouse|bird|stick|bag|bread tag)\b.{0,24}\b(?:in|built|inside|wheel|blades?)\b|\bwasps?\b/,
    { unless: /\bpulled it out\b|\bintake\b|\bflue\b|\bpipe\b|\bchewed\b/ },
  ),
  rule(
    'fouling',
    'dirty',
    /\b(?:full of|choked with|caked|clogged|thick) (?:in |with )?(?:ash|dust|lint|dirt|hair|dog hair|grease|fluff)\b|\b(?:black )?gunk\b|\bgreasy\b|\bcovered in (?:grease|dust|lint)\b|\bdog hair\b|\bfilthy\b|\bfull of ash\b/,
    { unless: /\bfilters?\b/ },
  ),
  rule('fouling', 'clean', /\b(?:wheel|blades?|fan) (?:is|are|looks?) clean\b/),
  // Air, flap, way, drain.
  rule(
    'air-flow',
    'wrong-way',
    /\bblows? (?:down|up|in|out|into)\b.{0,24}\binstead of\b|\bair (?:goes|comes) the wrong way\b|\bblow (?:the )?wrong (?:direction|way)\b|\bpushes air up\b.*\bshould\b/,
  ),
  rule(
    'air-flow',
    'none',
    /\bno (?:air|breeze|draught|draft|airflow|air flow|suction)\b|\bnothing (?:coming|comes) out\b|\bfeel nothing at the\b|\bnot a breath\b|\bno breeze\b/,
  ),
  rule(
    'air-flow',
    'weak',
    /\b(?:hardly|barely|scarcely) (?:pulls?|sucks?|blows?|draws?)\b|\b(?:hardly|barely|scarcely|little|less|weak|poor|next to nothing|not much)\b.{0,16}\b(?:air|pull|draws?|suction|moves|blows?|shifts|draught|breeze|any)\b|\bair ?flow (?:still )?(?:pants|rubbish|weak|poor|low)\b|\bblows next to nothing\b|\bbarely draws\b|\bweak\b.{0,10}\bair/,
  ),
  rule(
    'air-flow',
    'strong',
    /\bstrong (?:air|suction|draught)\b|\bblows (?:well|strong|hard)\b|\bplenty of air\b/,
  ),
  rule('damper', 'not-fitted', /\bno (?:backdraught |backdraft )?(?:flap|damper|shutters?)\b/),
  rule(
    'damper',
    'stuck',
    /\b(?:flap|damper|shutters?|louvres?)\b.{0,40}\b(?:doesn't|does not|don't|won't|not|never|stuck)\b.{0,10}(?:\b(?:lift|open|move)\w*|$)|\b(?:flap|damper|shutter)s? (?:is |are )?stuck\b/,
  ),
  rule('damper', 'opens', /\b(?:flap|damper|shutters?)\b.{0,20}\b(?:swings open|opens|lifts)\b/),
  rule(
    'vent-path',
    'blocked',
    /\b(?:duct|flue|vent|pipe|filter|intake|hood outside|chimney)\b.{0,30}\b(?:blocked|clogged|stuffed|plugged|bunged|plastered|full)\b/,
    { unless: /\bdrain\b|\bhose\b|\bcondensate\b/ },
  ),
  rule('vent-path', 'clear', /\b(?:ducts?|flue|vents?|pipe)\b.{0,24}\bclear\b|\ball clear\b/, {
    unless: /\bmegger\b|\bwinding\b|\bthere\b/,
  }),
  rule(
    'drain-and-tube',
    'blocked',
    /\b(?:drain|condensate|hose|tube|tray)\b.{0,30}\b(?:blocked|bunged|plugged|clogged|full of water|slime)\b/,
    { unless: /\bran straight out\b/ },
  ),
  rule('drain-and-tube', 'clear', /\bran straight (?:out|through)\b|\bdrain (?:is |runs )?clear\b/),
  rule(
    'wiring-changed',
    'no',
    /\bnobody (?:has )?touched the (?:wiring|wires)\b|\bwiring (?:was )?not touched\b/,
  ),
  rule('wiring-changed', 'yes', /\brewired\b|\bchanged the wir\w+|\bmoved the wires\b/),
  rule('direction', 'wrong', /\b(?:wrong|other) (?:way round|direction)\b|\bwrong way\b/),
  // What the house notices.
  rule('temperature-effect', 'warm-air-from-cooling', /\bwarm air\b/),
  rule(
    'temperature-effect',
    'food-warming',
    /\b(?:food|milk|peas|ice cream|meat|fridge|freezer)\b.{0,24}\b(?:warm|thaw\w*|going off|soup|soft|melt\w*)\b|\bice cream soup\b/,
  ),
  rule('temperature-effect', 'damp-or-mould', /\b(?:mould|mold|damp)\b|\bwindows are wet\b|\bmirror stays\b/),
  rule('temperature-effect', 'no-heat', /\bno heat\b|\b(?:house|rooms?) (?:is |are )?(?:freezing|cold)\b/),
  rule(
    'should-run-now',
    'normal-pause',
    /\bin defrost\b|\bjust the defrost\b|\bnormal pause\b|\bmeant to be off\b/,
  ),
  rule('should-run-now', 'yes', /\bshould be (?:going|running|on)\b/),
  rule('danger-signs', 'oil-at-joint', /\boil\w*\b.{0,24}\b(?:joint|joins|pipe|copper)\b/),
]

/** Danger words: looked for first and last, in any form, also where they are denied. */
export const dangerWords: {
  stop: StopRuleId
  pattern: RegExp
  finding?: [ObservationId, string]
  always?: true
  unless?: RegExp
}[] = [
  {
    stop: 'gas-smell',
    pattern:
      /\bgas\b.{0,24}\bsmell\w*|\bsmell\w*\b.{0,24}\b(?:gas|propane|rotten eggs?)\b|\bgas leak\b|\bstink\w* of gas\b/,
    finding: ['smell', 'gas'],
  },
  {
    stop: 'co-or-soot',
    pattern: /\b(?:co|carbon monoxide)\b.{0,14}\b(?:alarm|detector|sensor)\b|\bcarbon monoxide\b/,
    finding: ['danger-signs', 'co-alarm'],
  },
  {
    stop: 'co-or-soot',
    pattern: /\bsoot\w*|\bflames? (?:roll|lick|com)\w*|\bsmoke in the room\b/,
    finding: ['danger-signs', 'soot-or-rollout'],
  },
  {
    stop: 'refrigerant',
    pattern:
      /\boil\w*\b.{0,30}\b(?:joint|joins?|copper|pipe)\b|\bhiss\w*\b|\brefrigerant\b|\bnicked\b.{0,30}\bcopper\b/,
  },
  {
    stop: 'proof-failed',
    pattern: /\b(?:breaker|switch|power)\b.{0,16}\boff\b.{0,40}\bstill (?:shows|reads|has|there)\b.{0,12}\d/,
  },
  {
    stop: 'breaker-retrips',
    pattern:
      /\breset\b.{0,40}\b(?:bang|trips?|again|off)\b|\bwon't stay (?:in|on)\b|\b(?:flips?|trips?) straight back\b|\bkeeps tripping\b|\btrips again\b/,
    unless: /\bheld since\b/,
  },
  {
    stop: 'water-on-electrics',
    pattern:
      /\b(?:water|drips?|leak\w*|wet)\b.{0,30}\b(?:control board|circuit board|board|electrics?|wiring|socket|plug|breaker)\b/,
    finding: ['danger-signs', 'water-on-electrics'],
    unless: /\bmodule\b|\bflush\w*/,
  },
  {
    stop: 'burnt-supply',
    pattern:
      /\b(?:breaker|panel|socket|outlet|receptacle|fuse box|plug goes in|supply|isolator)\b.{0,40}\b(?:scorch\w*|melted|burnt|burned|brown|charred|black)\b/,
    finding: ['danger-signs', 'burnt-supply'],
  },
  {
    stop: 'lost-neutral',
    pattern:
      /\b(?:lights?|bulbs?)\b.{0,40}\b(?:bright\w*|dim\w*)\b|\bone leg\b.{0,40}\bother\b|\b1 leg\b.{0,20}\d+.{0,30}\bother\b/,
  },
  { stop: 'sealed-high-voltage', pattern: /\bmicrowave\b/ },
  {
    stop: 'aluminium-or-no-ground',
    pattern: /\balumini?um wir\w+|\bwired in alumini?um\b|\bno (?:earth|ground)\b/,
  },
  { stop: 'asbestos-suspect', pattern: /\basbestos\b|\bvermiculite\b/ },
  {
    stop: 'rented-or-warranty',
    pattern: /\b(?:rent(?:ed|al|s|ing)?|landlord|tenant)\b|\b(?:warranty|guarantee)\b/,
  },
  {
    stop: 'not-sure',
    pattern:
      /\bnot (?:really )?sure what\b|\brather not touch\b|\bno idea what i'm\b|\bscared to\b|\bnot sure what i\b/,
  },
]

/** Words before something that turn it round. */
export const DENIAL =
  /\b(?:no|not|never|without|neither|nor|isn't|wasn't|aren't|doesn't|don't|didn't|won't|can't|no longer|nothing|hasn't|haven't)(?: (?:a|any|the|really|much|more|make|makes|making|it|been|of|sign|sort|kind|or|quite|swollen|bulged|even|smells?|longer|\w+ (?:or|nor))){0,4} ?$/

/** What follows is over: it counts as the past where something else is told of now. */
export const PAST =
  /\bused to\b|\b(?:before|until)\b|\ball (?:spring|summer|winter|autumn|year)\b|\byesterday\b|\bbefore it\b|\bfor (?:weeks|months) before\b|\bhad been\b|\bwas .* before\b/
export const PRESENT = /\bnow\b|\bthese days\b|\btoday\b|\bat the moment\b|\bsince\b/

export const otherThings = OTHER
