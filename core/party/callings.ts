/** Who comes, by what they are called or do: nothing of it says how they eat. */

export const setOf = (list: string): ReadonlySet<string> => new Set(list.split(/\s+/));

/** Who is named so is everybody who comes: what is said after it is of some of them. */
export const PEOPLE = setOf(
  `guests people persons seniors pensioners pax heads visitors diners colleagues members participants attendees students staff
  nurses doctors crew team musicians artists florists cyclists pianists guitarists violinists organists cellists
  journalists novelists scientists economists dentists tourists motorists alumni delegates volunteers tenants
  relatives neighbours neighbors classmates teammates flatmates housemates roommates workmates shipmates schoolmates
  engineers trainees apprentices interns employees clients customers librarians musicologists technicians politicians
  historians electricians magicians police firefighters soldiers sailors bridesmaids groomsmen newlyweds ushers mourners
  retirees veterans athletes gymnasts acrobats pilots chemists biologists physicists therapists psychologists pharmacists
  analysts specialists receptionists archivists cartoonists accountants consultants assistants attendants chefs cooks
  clerks mechanics medics paramedics midwives surgeons executives associates scholars poets graduates undergraduates
  postgraduates beekeepers bookkeepers goalkeepers gamekeepers housekeepers innkeepers shopkeepers zookeepers
  residents inmates parishioners householders folk folks mates pals buddies chums lads lasses gents comrades architects pianists`,
);

/** Who may be everybody, or those beside who is named after them: only the stylist knows, and is asked. */
export const PERHAPS_ALL = setOf(
  `adults friends women men ladies gentlemen teens teenagers girls boys grown-ups mothers mums moms fathers dads parents
  grandparents cousins siblings sisters brothers aunts uncles`,
);

/**
 * Who does something: whoever is called so eats as anybody does. A list and no ending: "teetotallers", "preggers" and
 * "dieters" end like golfers, and a need that was taken for a calling was nobody's any more.
 */
export const DOERS = setOf(
  `golfers singers dancers actors hikers walkers runners joggers climbers skiers swimmers divers rowers riders bikers
  cyclers racers players footballers cricketers bowlers fencers wrestlers boxers skaters skateboarders snowboarders surfers
  kayakers paddlers campers ramblers trekkers mountaineers scramblers orienteers sprinters hurdlers jumpers throwers
  archers anglers fishers hunters shooters birders twitchers gardeners farmers growers planters bakers brewers
  winemakers cheesemakers potters painters sculptors weavers spinners dyers knitters quilters embroiderers crafters carvers
  turners framers printers binders bookbinders illustrators animators puppeteers jugglers conjurers performers
  entertainers rappers drummers trumpeters fiddlers pipers ringers composers conductors directors producers presenters
  broadcasters filmmakers photographers cameramen designers decorators dressers hairdressers barbers tailors jewellers
  jewelers watchmakers shoemakers cobblers saddlers farriers blacksmiths welders plumbers builders bricklayers carpenters
  joiners roofers plasterers glaziers thatchers millers miners quarriers foresters fellers shepherds drovers trappers
  tanners butchers fishmongers grocers greengrocers drivers truckers couriers packers loaders dockers porters cleaners
  waiters bartenders servers helpers carers caregivers teachers tutors lecturers professors trainers coaches instructors
  mentors readers writers authors editors reporters reviewers translators interpreters speakers bankers lawyers solicitors
  barristers brokers traders dealers buyers sellers managers supervisors organisers organizers officers councillors
  counsellors counselors developers programmers coders testers hackers makers researchers explorers travellers travelers
  commuters passengers strangers lodgers boarders renters owners homeowners investors founders shareholders stakeholders
  auditors inspectors surveyors assessors valuers mayors governors senators ambassadors sponsors donors collectors curators
  restorers conservators ministers preachers pastors choristers campaigners protesters fundraisers supporters gamers
  bloggers streamers fighters firefighters rangers wardens keepers beginners learners leavers starters joiners newcomers
  leaders islanders villagers holidaymakers partygoers churchgoers theatregoers concertgoers clubbers ravers sailors
  lifesavers rescuers skydivers paratroopers astronomers philosophers engravers letterers calligraphers bellringers`,
);
