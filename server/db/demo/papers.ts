/** The demo's papers, as marked text: "# " heading, "> " block quotation, [ref: …] citation. */
export interface DemoPaper { id: string, title: string, style: string, details: Record<string, string>, uses: string[], text: string }

export const PAPERS: DemoPaper[] = [
  {
    id: 'demo-carewick', title: 'Should Carewick Mend Its Tide Mill?', style: 'apa-7',
    details: { writer: 'Tamsin Vale', instructor: 'Dr. Orla Nolan', course: 'GEO 214: Coasts and Communities', institution: 'Department of Geography, University of Northmere', date: 'May 12, 2025' },
    uses: ['okonjo-2021', 'vasquez-2019', 'abara-2022', 'tremayne-2018', 'aldous-2012', 'sorensen-2014', 'hale-2019', 'marine-planning-agency-2020', 'gill-2023', 'visiting-the', 'last-miller-2022', 'rask-2019'],
    text: `For four hundred years the tide mill at Carewick ground the corn of nine parishes, and for sixty it has ground nothing. The wheel hangs in its pit, the pond has filled with mud to within a hand of the sluice, and the town council must decide by autumn whether to mend the mill, to stabilise it as a ruin, or to let the estuary have it back. The question sounds like one of taste, and it is usually argued as one: those who love old machinery want it turning, and those who pay the rates want it left alone. This paper argues that it is better treated as a question about mud. What happens in a mill pond after the gates are mended decides how long a mended mill can work, how much it will cost each year, and who will have to look after it. On that evidence Carewick should mend its mill, but in an order that most restorations have not followed: pond first, gates second, wheel last.

# What the Pond Remembers
A tide mill asks little of a river. It waits for the flood, shuts a gate, and spends the water slowly on the way down [ref: tremayne-2018, p. 41]. Everything that makes it different from a mill on a stream follows from that patience. The miller cannot choose the hour of work, since the tide comes fifty minutes later each day; the power of the mill is fixed not by the fall of a river but by the area of its pond and the range of the tide [ref: gill-2023, para. 4]. Working from records of twenty-three sites, [ref in-text: vasquez-2019] showed that a loss of one tenth of the pond’s depth costs closer to one fifth of the grinding day, because the last water out of a pond is the water that does the least work. A shallow pond is not a smaller mill. It is a worse one.

When the pond silts, then, the wait grows longer, and [ref in-text: okonjo-2021] found that half of the grinding day was lost within thirty years of the last dredging. The volunteers who kept the records on the Arun put it more plainly than the figures do:

> We did not notice the mud. We noticed that the flour came later, and then that it came only on spring tides, and then that people had stopped asking for it, and by that time nobody could say in what year the wheel had last turned for its keep. [ref: sorensen-2014, p. 58]

What is striking in that account is how little of it concerns machinery. Nothing broke. A mill that could have been kept working by a fortnight of digging every few years was lost to a slow change that no one was charged with watching. The same pattern appears in the only first-hand account of the trade’s last years to reach print, in which the miller of Thornham remembers the pond men being laid off a full decade before the stones stopped [ref: last-miller-2022, p. 46].

# Mud as Evidence
Three surveys since then agree on the cause, if not on the cure [ref: abara-2022; vasquez-2019; okonjo-2021]. Restored ponds fill from the seaward side. The flood carries more sediment in than the ebb can carry out, because the gates that hold the water back also hold back the current that would scour the bed. [ref in-text: abara-2022, p. 891] measured the difference at four ponds over six winters and arrived at a figure that ought to be pinned above every restoration committee’s table: without flushing, a pond of Carewick’s size gains between three and five centimetres of mud a year. At that rate a pond dredged to its old depth would be back where it is today in about forty years, and would have lost the greater part of its use in fifteen.

The cure is old and nearly free. Before the railways, millers on the western rivers opened every gate at once on the lowest spring ebbs of the year and let the whole pond go out in an hour, carrying a season of mud with it [ref: tremayne-2018, pp. 112-114]. The practice had a name in every estuary and was written down in almost none, which may be why so few restorations have taken it up. Where it has been revived the results are good: [ref no-name: abara-2022, p. 897] report that two flushings a year removed most of what a winter had brought. But flushing needs gates that open fully and a channel that can carry the water away, and at Carewick both have gone. The sluice was bricked to half its height when the footpath was laid, and the visitor leaflet describes the channel below it as a quiet corner for watching waders [ref: visiting-the].

It would be a mistake to treat those waders as an obstacle that appeared from nowhere. The mudflat is the mill’s own work, made by sixty years of a gate that would not open, and it is now a place that people walk to. [ref in-text: rask-2019] spent two years recording what could be heard in harbours that still worked and harbours that did not, and her finding complicates any simple story of decline. Her listeners did not miss the noise of machinery. They missed being able to tell the time by it.

> The gate is the mill’s only clock. When it fell you knew without looking that the ebb had begun, and that in half an hour there would be the wheel, and after the wheel the carts. People did not say that they heard it. They said that they knew what time it was, and when it stopped they said that the days had lost their edges. [ref: rask-2019, p. 133]

# What It Would Cost to Turn Again
The council’s own estimate puts the repair of the wheel and stones at a little over half of the whole budget. That is the part that photographs well. It is also the part that can wait, and engineers have been saying so for a long time. [ref in-text: aldous-2012, p. 207] compare eleven repairs of tidal works and find that money spent first on moving parts is most often spent twice, since a wheel that stands idle for want of water decays faster than one that was never mended. The timber needs to be wet and turning. A restored wheel over a silted pond is a very expensive way of making firewood.

Against this stands the argument from enthusiasm: that a turning wheel brings the visitors whose entrance money will dig the pond. It deserves a serious answer, because it has been true elsewhere. The best evidence concerns not mills but small hydropower schemes run by their neighbours, of which sixty have now been followed for a decade [ref: hale-2019]. The schemes that survived were not those with the most visitors or the best machinery. They were those in which a named person was paid, however little, to look at the water every day [ref: see hale-2019, p. 31, on caretakers]. Where care was left to whoever was keen, it lasted on average six years, which is about as long as it takes for a committee to lose the people who founded it. Enthusiasm mends wheels. It does not dig ponds.

There is also the law. Any work that changes the flow through the sluice needs consent, and the guidance is explicit that an applicant must show where the sediment will go [ref: marine-planning-agency-2020, p. 12]. A council that mends the wheel first will therefore arrive at the consent it needs with most of its money gone and the hardest question unanswered. A council that begins with the pond must answer that question first, while it can still change its mind. The order that suits the estuary also happens to be the order that suits the regulator [ref: marine-planning-agency-2020, sec. 3; okonjo-2021, p. 116].

# Pond, Gate, Wheel
What should Carewick do? In the first two years, nothing that a visitor would notice: survey the bed, reopen the channel below the sluice along its old line, and leave the eastern half of the flat, where most of the birds feed, behind a low bund as it is. In the third, take the bricks out of the sluice and hang new gates, built to fall open and not merely to lift, so that the pond can be flushed on the spring ebbs as it used to be [ref: tremayne-2018, p. 113; abara-2022]. From that day someone must be paid to read the tide table and work the gates, and the sum should stand in the budget before any sum for timber. Only when the pond has held its depth for three winters should the wheel be touched. If it has not, the town will have lost a channel’s worth of digging and gained a better marsh, which is not a bad price for being wrong.

The plan has an obvious weakness. It asks people to give money for mud, for years, on the promise of a wheel that may never come. [ref in-text: tremayne-2018, p. 9] begins her history by observing that nobody has ever painted a mill pond, though there are a great many paintings of mills reflected in one. But the alternative has been tried, at Thornham and on the Arun and at half of the sites in the surveys, and it has the same ending everywhere: a handsome wheel, a few summers of flour, and then the mud. The mill at Carewick was never a machine with a pond beside it. It was a pond with a machine at one end. Mend the pond, and there will be something for the wheel to do.`,
  },
  {
    id: 'demo-drowned-king', title: 'Keeping the Gate in The Drowned King', style: 'mla-9',
    details: { writer: 'Tamsin Vale', instructor: 'Professor Hume', course: 'English 210', date: '3 March 2025' },
    uses: ['marlowe-finch-2003', 'sable-ortiz-2015', 'rask-2019', 'tremayne-2018'],
    text: `In the third act of *The Drowned King* the sluice-keeper is asked what he keeps, and answers that he keeps the hour. The line gets a laugh, but it is the one exact statement in a scene of evasions [ref: marlowe-finch-2003, 3.2.14]. Everyone else on the stage is trying to hold something that will not stay: a throne, a daughter, a shoreline. The keeper alone holds what is meant to be let go.

Criticism has tended to read the play’s marshes as a place of confusion. [ref in-text: sable-ortiz-2015, p. 291] calls such settings “neither land nor sea,” and shows how often the regional novel sends its characters there to lose themselves. In the play, though, the marsh is where people find out what time it is. A real keeper’s work was as regular as a church’s [ref: tremayne-2018, p. 60], and its sounds ordered the day for everyone in earshot [ref: rask-2019, p. 133].

To keep a gate, then, is not to keep it shut. The king, who orders it barred in the fourth act [ref: marlowe-finch-2003, 4.1.88], never learns the difference, and it drowns him.`,
  },
  {
    id: 'demo-low-head', title: 'Low-Head Turbines for Small Tidal Ponds: A Short Review', style: 'ieee',
    details: { writer: 'Tamsin Vale', course: 'ENG 118', date: 'November 2025' },
    uses: ['farrow-2024', 'vasquez-2019', 'abara-2022', 'marine-planning-agency-2020', 'hale-2019'],
    text: `# Introduction
Disused tide mills offer ready-made civil works for small turbines: a pond, a sluice, and a wheel pit [ref: farrow-2024]. The energy available depends on pond area and tidal range [ref: vasquez-2019, p. 58] and falls as the pond silts [ref: abara-2022]. This review asks what limits such schemes in practice.

# Limits
Three limits recur [ref: farrow-2024; vasquez-2019; abara-2022]. The head is low and changes through every ebb. Sediment reduces the volume that can be stored, by three to five centimetres of depth a year where ponds are not flushed [ref: abara-2022, p. 891]. Consent depends on showing where that sediment will go [ref: marine-planning-agency-2020, p. 12]. Experience with community schemes suggests a fourth: daily attendance [ref: hale-2019, p. 31].`,
  },
]
