# frozen_string_literal: true

module Scullion
  module Recipe
    # The ways to say how many a recipe serves. For Servings, which reads by them.
    module ServedWords
      MOST = 5000
      ABOUT = Amount::Words::ROUGHLY
      # Letters of a row in which it is looked for.
      LONGEST = 4000
      NEAR_TOP = 4
      # Rows of a long text in which it is looked for.
      FROM_TOP, FROM_END = 100, 20
      WORDS =
        Amount::Words::NUMBERS
          .select { |_, value| value.is_a?(Integer) && value > 1 }
          .merge("a dozen" => 12)
          .freeze
      # "Two dozen", "2 doz"
      DOZENS = "(?:\\d{1,2}|two|three|four|five|six|eight|ten)\\s+doz(?:en)?\\b".freeze
      SAID_IN_WORDS = [Amount::Words::SPELLED, *WORDS.keys].join("|").freeze
      NUMBER =
        %r{(?<!wk\s|week\s|\bday\s|no\.\s|page\s|every\s|aside\s|[\d.,/])
           (?<number>#{DOZENS}|\d{1,5}|#{SAID_IN_WORDS.gsub(" ", "\\s")})}ix.freeze
      THEM =
        /(?:servings?|portions?|helpings|people|persons?|covers|couverts|guests|
            raciones|personas|personnes|persone|porzioni|portionen|personen|porties|pessoas|
            ppl|pax|of\ us|containers|lunches|dinners|units|tubs(?!\s+of)|eaters|mains?|
            starters?|(?:plates|boxes|bowls)(?!\s+of)|
            (?:(?:cold|hot|finger|fork)\s)?buffet|cvrs?|lunch\s?boxes|salads|as\ part\ of|
            hungry|seats|to\ share|cov|kids|children|pupils|residents|diners|patients|adults|
            scoops|folks?|staff|crew|delegates|members|volunteers|campers|students|workers|walkers|
            pers\b\.?|ports?|platefuls?|ptns?|portns?|prtns?|
            (?:easy(?!\s+peel)|easily|comfortably|generously)\b
            |as\ (?:a\s)?(?:side|starter|main|app|lunch|supper|dinner))\b/ix.freeze
      # What stands between the number and those who are served.
      SORT =
        /(?:-?\s*(?:main-dish|main|starter|lunch\s?box|side|tasting|good|small|large|generous|
               decent|hungry)\s+)?/ix.freeze
      NOT_THEM =
        %r{(?!\s*(?:-\s*\d+\s*)?(?:(?:g|kg|ml|l|fl|mins?|minutes?|h|hrs?|hours?|secs?|days?|d|cups?|tbsps?|
                 tsps?|loaves|jars?|oz|lbs?|x|c|third|pounds?|
                 cans?|tins?|packs?|packets?|bags?|bunch(?:es)?|cartons?|bottles?|blocks?|
                 kilos?|kilograms?|grams?|kcals?|cals?|calories|kj|
                 weeks?|pints?|litres?|quarts?|qts?|gal(?:lon)?s?)\b
               |times?\b(?!\s*:?\s*\d)|[%°"]))
            (?!\d|[.,/]\d)}ix.freeze
      # "3 salads, this is no. 2": dishes, and nobody who eats them.
      DISHES = /(?!(?:[1-6]|two|three|four|five|six)\s+salads\b)/i.freeze
      # A row that says this and nothing else.
      ALONE =
        /\A\W*(?:
            (?:qty|quantity|batch\s+size|people|persons?|personen|portionen|personnes|heads
                |to\s+(?:serve|feed))
              \s*[:=]?\s*#{NUMBER}\s*#{THEM}?
           |(?<=\p{So}|\p{So}\s)#{NUMBER}
           |#{NUMBER}\s?(?:pp?\b|[x×]\s*\d+\s?(?:g|ml)\b
              |(?:tubs|boxes|pots|bowls|plates|lunch\s?boxes)\s+of\s+\d+\s?(?:g|ml)\b)
          )\W*\z/ix.freeze
      # "96 x #8 scoop (4 oz)"
      SCOOPED = /#{NUMBER}\s*(?:[x×]\s*)?(?:(?:\#|no\.?\s?)\d{1,2}\s+)?(?:scoops?|dips?)\b/ix.freeze
      # A line that says this and little else.
      LINE =
        /\A\W*(?:(?:it|this|that)\s+)?(?:serves|servings?|yields?|makes|portions?|feeds|does|pax|fires|covers|
            (?:bowls|plates|boxes)(?:\s+(?:tonight|today)|(?=\s*:))|for|enough\s+for|it's\s+for)\s*:?\s*
          (?:#{ABOUT}|enough\s+for\s+|up\s+to\s+|a\s+hungry\s+)?
          #{NUMBER}(?:\b|ish\b|\+)#{NOT_THEM}[^.]{0,60}\.?!*\z
         |#{ALONE}
         |\A\W*(?:yields?|makes)\b\s*:?\s*\d.{0,20}#{NUMBER}\s*(?:\d+[\s-]?(?:oz|g|ml)\s+)?#{THEM}.{0,30}\z
         |\A\W*(?:yields?|makes|batch)\W*#{NUMBER}\s*[x×]\s*\d+\s?(?:g|ml)\b.{0,30}\z
         |\A[^:]{0,40}\b(?:yields?|makes)\s*:?\s*#{SCOOPED}.{0,30}\z
         |\A\W*(?:starters?|mains?|sides?|plates?)\s*[x×]\s*#{NUMBER}\W*\z
         |\A\W*per\s+#{NUMBER}\s*#{THEM}[^,.]{0,30}\z
         |\A\([^()\d]{0,40}#{NUMBER}\s*#{SORT}#{THEM}\W*\)\z
         |\A\W*(?:\d+\s*[-–]\s*)?#{NUMBER}\s*#{SORT}#{THEM}[^,.]{0,30}\z/ix.freeze
      IN_TITLE =
        /[^[:alnum:])\]!?]*\b(?:serves|servings?|feeds|makes)\s*:?\s*
           #{ABOUT}?#{NUMBER}\W*\z
         |\s*\(\d{1,4}\+?\)\z
         |[^[:alnum:])\]!?]*\b(?:(?:enough\s+)?for\s+#{ABOUT}?)?\d{1,4}\s*#{THEM}\W*\z
         |[^[:alnum:])\]!?]*\bfor\s+#{ABOUT}?\d{1,4}\W*\z|\s+[x×]\s?\d{1,4}\z/ix.freeze
      GROUP =
        /\b(?:KS\d|y(?:ea)?r\s?\d|staff|adults?|kids|children|pupils|reception|infants|juniors|nursery|
              teachers|residents|guests)\s*[:=]?\s*(\d{1,4})\b(?!\s?(?:g|kg|ml|l)\b)/ix.freeze
      DAYS =
        /\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s*[:=]?\s*
          (\d{1,4})\b(?!\s?(?:st|nd|rd|th|am|pm|g|kg|[:.]))/ix.freeze
      COUNT = "(?:\\d{1,4}|#{SAID_IN_WORDS.gsub(" ", "\\s")})".freeze
      PEOPLE =
        /(?:people|persons?|ppl|pax|covers|guests|crew|staff|kids|children|little\ ones|infants|pupils|adults|
            grown-?ups|residents|patients|diners|delegates|members|volunteers|campers|students|workers|
            walkers|teachers|leaders|helpers|carers|drivers|visitors|eaters|
            of\ (?:us|them|you))\b/ix.freeze
      # "20+4 covers", "48 + 6 leaders"
      SUMMED = /\b(\d{1,4})\s*\+\s*(\d{1,4})\s*(?:#{THEM}|#{PEOPLE})/i.freeze
      DIETS = /(?:veg(?:gies?|ans?|etarians?)?|coeliacs?)\b/i.freeze
      # "9 guests + 6 crew", "thirty adults and twelve kids"; not "60 guests, 6 veggie", who are among them.
      GROUPS =
        /\b(?:staff|crew|team|party|band)\sof\s#{COUNT}\s*(?:\+|&|and|plus)\s*#{COUNT}\b
         |\b#{COUNT}\s+#{PEOPLE}\s+#{COUNT}\s+#{PEOPLE}(?!\s+(?:are|who|will))
         |\b#{COUNT}\s+(?:adults?|grown-?ups|pupils|residents|staff|teachers)
          (?:\s*,\s*#{COUNT}\s+#{PEOPLE})+(?!\s+(?:are|who|will|among|of\s+them))
         |\b#{COUNT}\s+#{PEOPLE}(?:\s*,\s*#{COUNT}\s+#{PEOPLE})*
          (?:\s*(?:\+|&|and|plus)\s*
            (?:#{COUNT}\s+(?:#{PEOPLE}|#{DIETS})
               |an?\s(?:crew|staff|party|team|band)\s+of\s+#{COUNT}\b))+/ix.freeze
      # "Feeds the cricket team (11) plus teas (4)"
      TEAMS =
        /\b(?:feeds|serves|for)\s+[^\d(]{3,30}\(\d{1,4}\)\s*
          (?:\+|&|and|plus)\s+[^\d(]{2,24}\(\d{1,4}\)/ix.freeze
      ONE_GROUP = /\b#{COUNT}\b/i.freeze
      # "5 tables of 8"
      TIMES =
        /\b(?<times>#{COUNT})\s+(?:tables|patrols|groups|teams|classes|families|parties|boats|tents|sittings|
            coach(?:es|loads))\s+of\s+(?<each>#{COUNT})\b(?!\s*(?:k?g|ml|l)\b)
         |\b(?<times>#{COUNT})\s+(?:sharing\s+)?(?:plates|platters|boards|bowls|trays|dishes|gastros)
          \s*[,(–-]*\s*each\s+(?:(?:for|feeds|serves|of|does)\s+|≈\s*)?#{ABOUT}?
          (?<each>#{COUNT})\b(?!\s*(?:k?g|ml|l)\b)/ix.freeze
      # A year, unless it says whom it serves.
      YEAR = (1990..2060).freeze
      # Up to which two such numbers may be dates.
      LAST_OF_MONTH = 31
      MAKES =
        /\b(?:makes|yields?|batch)\b\W*(?:approx\w*\.?\s*)?(?<whole>\d+(?:[.,]\d+)?)\s*(?<unit>kg|g)\b
          (?!.*\b\d+\s*portions).*?\bportions?\b\W*(?:size\W*|of\s+)?(?<each>[1-9]\d{0,3})\s*g\b/ix.freeze
      NUMBERED = /\d|\b(?:#{Amount::Words::NUMBERS.keys.grep_v(/\Aan?\z/).join("|")})\b/i.freeze
      SCALED =
        /[x×]\s?(?<times>\d{1,3})\s+(?:from|of|on)\s+(?:the\s+|a\s+)?(?<card>\d{1,4})(?:\s+|-)
          (?:card|recipe|portions?|covers|batch|base|pax|people|servings?)
         |\bbase(?:\s+recipe)?\s+(?:of\s+)?(?<card>\d{1,4})\b[^\d]{0,24}[x×]\s?(?<times>\d{1,3})\b/ix.freeze
      FOR_ONE =
        /\bper\s+portion\b|\bportions?\s*\(?\s*[x×]\s?1\b
         |\b(?:1|one)\s+(?:bowl|plate|box|portion|serving|person|pot|tub|unit|cover)\b/ix.freeze
      # The ways that are not often meant otherwise.
      SERVES =
        /\b(?<!per\s)
          (?:serves["']?(?:\s+us)?\s*:?|fe(?:e)?ds?\s*:?|pax["']?\s*:?|par\s*:?|
             servings?\s*:|serving|yields?\s*:?|portions?\s*[:–-])\s*
          (?:#{ABOUT}|up\s+to\s+|a\s+hungry\s+)?
          #{NUMBER}\b#{NOT_THEM}/ix.freeze
      SO_MANY =
        /\b(?<!per\s)#{DISHES}(?:#{NUMBER}\s*(?:[-–]|to\b|or\b)\s*\d{1,3}|#{NUMBER})(?:ish|\+)?\s*
          #{SORT}#{THEM}/ix.freeze
      EVENT_FOR =
        /\b(?:(?:batch|run|order)\s+of|lunch|supper|dinner|salad|staff\s+meal|buffet|party|
             banquet|wedding|function|event|conference|reception|brunch|breakfast|barbecue|bbq|picnic|gala)
          \s+(?:for\s+|\((?=\d{2,4}\)))?#{ABOUT}?(?!1\b|\d\s*[-–:]\s|\d\s+of\s+\d\b)#{NUMBER}
          \b#{NOT_THEM}/ix.freeze
      FOR =
        /(?<![°\d]\s)(?<!\d[CF]\s)
          \b(?:for|per|para|pour|f(?:ü|ue)r)\s+(?:#{ABOUT}|the\s+|\w+['’]s\s+)?
          #{NUMBER}\b#{NOT_THEM}(?!\s+(?:the|a|more|or\s+so\s+min)\b)/ix.freeze
      # "We are 130 on Saturday"
      WE_ARE =
        /\A\W*(?:we|there)(?:\s+are|['’]re|\s+will\s+be|['’]ll\s+be)\s+#{ABOUT}?#{NUMBER}
          \b#{NOT_THEM}[^,;:\d]{0,30}\z/ix.freeze
      PLAIN = [SERVES, SO_MANY, EVENT_FOR, FOR, WE_ARE].freeze
      # Said anywhere, the surest first.
      ANYWHERE = [
        /\b(?:booked|expected|confirmed|coming|covers)\b[^\d]{0,12}
          \b(?:allow|cook|prep|plan|make)\s+(?:for\s+)?#{ABOUT}?#{NUMBER}\b#{NOT_THEM}/ix,
        /[,;.(–-]\s*(?:do|make|prep|cook|cater|plan)\s+(?:it\s+)?for\s+#{NUMBER}\b#{NOT_THEM}/ix,
        /\A(?!.*\bstaff\b)[^\d]{0,12}\bper\s+#{NUMBER}\s*#{THEM}\s*[:,-]/ix,
        /\A\W*(?:quantities\s+|amounts\s+)?for\s+(?:every|each)\s+(?<number>\d{1,3})\s*#{THEM}\W*\z/ix,
        /\bnos?\s*[:.]\s*#{NUMBER}\s*\z/ix,
        /\borders?\s*[:=]?\s*#{NUMBER}(?:\W*\z|\s*,)/ix,
        /\b#{NUMBER}\s+\d+[\s-]?(?:oz|g|ml)\s+(?:scoops?|portions?|servings?)\b/ix,
        /\bwill\s+(?:serve|feed)\s+#{ABOUT}?#{NUMBER}\b#{NOT_THEM}/ix,
        /\b(?:of|out\s+of|total\s*:?)\s+#{NUMBER}\s+(?:(?:pax|covers|guests|people)\s+)?(?:in\s+)?total\b/ix,
        /\b(?:make|made|do|did|had|cook|cooked)\s+(?:it|this)\s+for\s+#{ABOUT}?
          #{NUMBER}\b#{NOT_THEM}/ix,
        /\b#{NUMBER}\s*[x×]\s*\d+\s?(?:g|ml)\s+
          (?:scoops?|portions?|tubs|pots|servings|boxes|bowls|plates)\b/ix,
        SERVES,
        /\b(?:yields?|makes)\s*:?\s*#{SCOOPED}/ix,
        /\bper\s+(?:serving|portion)\s*\(\s*(?:of\s+|1\s+of\s+)?#{NUMBER}\s*\)/ix,
        /\b(?:makes\s+#{ABOUT}?(?:enough\s+for\s+)?|(?:[.;]|\A)\W*enough\s+for\s+)
          #{NUMBER}\b#{NOT_THEM}/ix,
        %r{\b(?:makes|yields?)\s*:?\s*#{ABOUT}?#{NUMBER}
             (?=\s*[x×]\s*[\d/]+\s?(?:g|ml|oz|cups?)\b)}ix,
        SO_MANY,
        /\A\W*(?:starters?|mains?|sides?|plates?)\s*[x×]\s*#{NUMBER}\W*\z/ix,
        /\b(?:covers?|couverts|pax|bowls|plates|boxes|portions|guests|heads)
          (?:\s+(?:tonight|today|tmrw|tomorrow|needed|in\s+all|for\s+\w+
                    |(?:on\s+)?(?:mon|tue|wed|thu|fri|sat|sun)\w*))?
          \s*[:=]?\s*#{NUMBER}\b#{NOT_THEM}/ix,
        /\b#{NUMBER}\s*(?:trays|tubs|pots|boxes|bowls|portions|ptns?|pax)?\s*@\s*\d{2,4}\s?g\b/ix,
        /\bportions?\s*[:–-]?\s*#{NUMBER}\s*[x×]\s*\d{2,4}\s?(?:g|ml)\b/ix,
        /\b(?:crowd|many|lots|plenty)\s*[:(–-]\s*#{NUMBER}\b#{NOT_THEM}/ix,
        /\b(?:yld|numbers?)\b(?:\s(?-i:[[:alpha:]]+)){0,4}\.?\s*:?\s*#{NUMBER}\b#{NOT_THEM}/ix,
        /\bservice\s+(?:of\s+|for\s+)?#{NUMBER}\b#{NOT_THEM}/ix,
        /\b(?:staff|party|table|crowd|group)\s+of\s+#{ABOUT}?#{NUMBER}\b#{NOT_THEM}/ix,
        /\bdoes\s+(?:for\s+)?#{ABOUT}?(?!1\b|\d\s*[-–:]\s)#{NUMBER}\b#{NOT_THEM}/ix,
        /\bdo\s+(?:for\s+)?#{ABOUT}?(?!1\b|\d\s*[-–:]\s)#{NUMBER}\b#{NOT_THEM}
          (?!\s+(?!as\b|if\b|for\b|with\b|when\b|at\b|on\b|or\b|and\b|but\b|to\b|easily\b
             |#{THEM})(?-i:[[:alpha:]]))/ix,
        EVENT_FOR,
        /\b#{NUMBER}\s+inc(?:l(?:uding)?)?\b\.?\s+(?:\d+\s+|the\s+)?
          (?:us\b|them\b|me\b|#{PEOPLE}|#{DIETS})/ix,
        /\bbatch\s*=\s*#{NUMBER}(?=\s*(?:#{THEM}|[.,;)]|\z|[x×]\s*\d+\s?(?:g|ml)\b))/ix,
        %r{[/|·,]\s*#{NUMBER}\s+(?:sides|mains|starters)\b}ix,
        /\b(?:did\s+us|we\s+were)\s+#{ABOUT}?#{NUMBER}\b#{NOT_THEM}/ix,
        /\bthere(?:['’]?s|\s+are|\s+were)\s+#{ABOUT}?#{NUMBER}\s+of\s+(?:them|us|you)\b/ix,
        /\A\W*(?:re|subject|event|function)\s*:[^\d]*,\s*#{NUMBER}\W*\z/ix,
        /\bfor\s+(?:the|our|my)\s+
          (?-i:[[:alpha:]]+)(?:\s(?-i:[[:alpha:]]+))?,\s*#{NUMBER}\s+of\s+(?:them|us)\b/ix,
        /\b#{NUMBER}\s+(?:booked|expected|confirmed|coming)\b/ix,
        /\b(?:we|there)(?:\s+are|'re|\s+will\s+be|'ll\s+be)\s+#{ABOUT}?#{NUMBER}
          (?:-?(?:odd|ish)|\s+or\s+so)?(?=\s*(?:[).,;!]|\z|tonight|today|tomorrow|in\s+all))/ix
      ].freeze
      # What the dish is called by, or a row near the top that says nothing else, goes before what a line
      # further down may mean: "8 portions of fries".
      AS_CALLED = [
        # "For 2 lunches, us both = 4"
        /\b(?:feeds|serves|for)\b[^=]{1,40}=\s*#{NUMBER}\)?\W*\z/ix,
        /\A[^\d]{6,}\((?!\d\))#{ABOUT}?#{NUMBER}(?:ish)?\)\W*\z/ix,
        /\b(?:salad|slaw|bowls?|platter|lunch|supper|dinner)s?\s+for\s+#{NUMBER}\b#{NOT_THEM}/ix
      ].freeze
      SAID_ALONE = [/\A\W*for\s+#{ABOUT}?#{NUMBER}\W*\z/ix].freeze
      # Meant so near the top, or at the very end: a bare "for six".
      NEAR_THE_TOP = [
        FOR,
        ALONE,
        /\b#{NUMBER}\s+of\s+(?:the\s+)?\d{2,4}\b(?!\s*k?g)/ix,
        /\(\s*(?:there\s+are\s+|about\s+)?#{NUMBER}\s+of\s+them\s*\)/ix,
        /[?.,;–-]\s*(?:there\s+are\s+|about\s+)?(?!\d\b)#{NUMBER}\s+of\s+(?:them|us)\W*\z/ix,
        /\b#{NUMBER}\s+(?:went|sold|came|turned\s+up)\b/ix,
        /\b#{NUMBER}ish\b#{NOT_THEM}/ix,
        /(?:\bcall\s+it|(?:=|\bso|that['’]s)\s*(?:say|about|around))\s+#{NUMBER}\b#{NOT_THEM}/ix,
        /\b(?:yields?|makes|batch)\b[^\d]{0,16}\d[\d.,]*\s*(?:kg|g|l|litres?)\s*=\s*
          #{NUMBER}\s*[x×]\s*\d+\s?(?:g|ml)\b/ix,
        /\bthat(?:['’]s|\s+is|\s+will\s+be)\s+#{NUMBER}(?=\s*(?:[.;,)]|\z))/ix,
        /\bmeals?\s+(?:loaded|ordered|required|booked)\s*[:=]?\s*#{NUMBER}\b#{NOT_THEM}/ix,
        /\A[^\d:]{3,40}[!.,:–-]\s*(?!1\b)#{NUMBER}\s+(?:jars|lunches|dinners)\W*\z/ix,
        /\b#{NUMBER}\s*(?:@|for|at)\s*\d{1,2}(?:[:.]\d\d(?!\d)|\s?[ap]m\b|[:.]\d\d\s?[ap]m\b)/ix,
        /=\s*#{NUMBER}\s*p\b\.?(?!\s*[[:alpha:]])/ix,
        /\A(?!.*\b(?:cases?|box(?:es)?|crates?|trays?)\b).*\b#{NUMBER}\s+heads?\W*\z/ix,
        /\b(?:for|serves|feeds)\s+(?:an?\s+)?#{NUMBER}[\s-](?:person|people|guest|cover)\b/ix,
        /\b#{NUMBER}\s+(?:cups|pots|tubs|boxes|bowls|plates)\s+of\s+\d+\s?(?:g|ml)(?=\s*(?:\)|\z))/ix,
        /\b(?:salads?|slaws?)\s+[x×]\s?#{NUMBER}\W*\z/ix,
        /\A\W*#{NUMBER}\s+sides\W*\z/ix,
        /(?:=\s*|[[:alpha:]]\s+(?:[-–—]\s+)?)#{NUMBER}\s*(?:pp|pax|ptns?)\b/ix,
        /\b#{NUMBER}\s+for\s+(?:lunch|dinner|supper|tea|brunch|breakfast|(?:a|the)\s+buffet)\b/ix,
        /\A\W*[x×]\s?#{NUMBER}\.(?=\s|\z)/ix,
        /\(\s*#{ABOUT}?#{NUMBER}\s*[x×]\s*\d+\s?(?:g|ml|oz)\s*\)\W*\z/ix,
        /\A[^\d]{6,}
          (?:\(#{NUMBER}(?:\s+(?:tubs|boxes|pots|jars))?\):?|\s[-–—]\s#{NUMBER}\s+(?:tubs|pots))\z/ix
      ].freeze
      # In the first row alone.
      FIRST_ROW = [
        /\A\W*#{NUMBER}\s*[x×]\s+[[:alpha:]][^\d]{4,}\z/ix,
        /[[:alpha:]]\)\s+#{NUMBER}\z/ix,
        /\b(?:batch|starters?|mains?|sides?)\s+#{NUMBER}\W*\z/ix,
        /\A[^\d]{6,}[-–—,]\s*#{NUMBER}\s+h(?:ea)?ds?\W*\z/ix,
        /[-–—,(:]\s*(?:usually\s+|about\s+)?#{NUMBER}\s+of\s+(?:th|['’])?em\b/ix,
        /[x×]\s?#{NUMBER}(?=\s+[—–-]\s)/ix,
        /\(#{NUMBER}\)(?=\s+p(?:age|\.)?\s?\d+\W*\z)/ix,
        %r{\A[^\d]{6,}(?:\s[-–—]\s+#{NUMBER}|:\s+#{NUMBER}|\[#{NUMBER}\]
           |\(#{NUMBER}\+\)|[x×]\s?#{NUMBER}(?=\s*\()[^)]*\)
           |(?:[x×]|,\s#{ABOUT}?)\s?#{NUMBER}\)?[^[:alnum:]]*|\s[/|]\s*#{NUMBER}(?:\s+heads)?
           |\([^()]*=\s*#{NUMBER}\)|\s#{NUMBER}\s+(?:nos?|off)\b\.?(?:,[^\d]*)?)\z}ix
      ].freeze
    end
  end
end
