/** The stand-in's saved pages: made up, with the tags that real pages carry in all their varieties. */
export interface SavedPage { address: string, html: string }

const page = (address: string, head: string, body: string): SavedPage => ({ address, html: `<!DOCTYPE html><html lang="en"><head>${head}</head><body>${body}</body></html>` })

export const PAGES: readonly SavedPage[] = [
  // A journal's landing page with the tags that scholarly indexes ask for.
  page('https://journals.saltmarsh.example/jeh/14/2/silt', `
    <title>Silt, Salt, and Patience: Restoring a Tide Mill on the Arun Estuary | Journal of Estuary Heritage</title>
    <meta name="citation_title" content="Silt, salt, and patience: Restoring a tide mill on the Arun estuary">
    <meta name="citation_author" content="Okonjo, Adaeze R."><meta name="citation_author_institution" content="University of Northmere">
    <meta name="citation_publication_date" content="2021/05/03"><meta name="citation_journal_title" content="Journal of Estuary Heritage">
    <meta name="citation_volume" content="14"><meta name="citation_issue" content="2"><meta name="citation_firstpage" content="101"><meta name="citation_lastpage" content="119">
    <meta name="citation_doi" content="10.5555/jeh.2021.0142"><meta name="citation_publisher" content="Saltmarsh Press">`, '<h1>Silt, salt, and patience</h1>'),
  // The same family of tags, authors in one tag, pages in one, a working paper.
  page('https://papers.coastalforum.example/wp/31', `
    <meta name="citation_title" content="What a pond costs"><meta name="citation_authors" content="Hale, Peter; Mistry, Kavita"><meta name="citation_date" content="2023">
    <meta name="citation_technical_report_institution" content="Northmere Coastal Forum"><meta name="citation_technical_report_number" content="Working Paper 31">
    <meta name="citation_pdf_url" content="https://papers.coastalforum.example/wp/31.pdf"><title>What a pond costs</title>`, '<p>Download</p>'),
  // A magazine with Open Graph and JSON-LD.
  page('https://coastcountry.example/2024/06/night-gate', `
    <title>The Night Gate - Coast &amp; Country</title><meta property="og:type" content="article"><meta property="og:title" content="The night gate"><meta property="og:site_name" content="Coast &amp; Country">
    <meta property="article:published_time" content="2024-06-11T06:00:00+01:00"><link rel="canonical" href="https://coastcountry.example/2024/06/night-gate">
    <script type="application/ld+json">{"@context":"https://schema.org","@type":"NewsArticle","headline":"The night gate","author":[{"@type":"Person","name":"Delphine Marr"}],"publisher":{"@type":"Organization","name":"Coast & Country"},"datePublished":"2024-06-11"}</script>`, '<h1>The night gate</h1>'),
  // A newspaper: the byline on the page, an agency in the author tag.
  page('https://northmerecourier.example/news/pond-vote', `
    <title>Council delays pond vote | Northmere Courier</title><meta name="author" content="Staff"><meta property="og:site_name" content="Northmere Courier"><meta property="og:type" content="article"><meta property="og:title" content="Council delays pond vote again">`,
  '<article><h1>Council delays pond vote again</h1><p class="byline">By Tom Larch</p><time datetime="2025-02-03">3 February 2025</time><p>…</p></article>'),
  // An organisation's page, Dublin Core.
  page('https://marineplanning.example/guidance/small-schemes', `
    <title>Small tidal schemes: guidance</title><meta name="DC.title" content="Small tidal schemes: A short guide"><meta name="DC.creator" content="Marine Planning Agency"><meta name="DC.date" content="2022-09"><meta name="DC.publisher" content="Marine Planning Agency"><meta name="DC.type" content="Text">`, '<h1>Small tidal schemes</h1>'),
  // A blog post with JSON-LD in a graph.
  page('https://millnotes.example/2023/10/leather-belts', `
    <title>Leather belts, and where to find them – Mill Notes</title>
    <script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"Mill Notes"},{"@type":"BlogPosting","headline":"Leather belts, and where to find them","author":{"@type":"Person","name":"Ines Holm"},"datePublished":"2023-10-19T09:12:00Z","isPartOf":{"@type":"Blog","name":"Mill Notes"}}]}</script>`, '<h1>Leather belts</h1>'),
  // A plain page that says almost nothing.
  page('https://carewicktrail.example/pond', '<title>Visiting the old mill pond | Carewick Heritage Trail</title>', '<h1>Visiting the old mill pond</h1><p>Open from dawn.</p>'),
  // A page with a date in its text only.
  page('https://milltrails.example/how-it-works', '<title>How a tide mill works - Mill Trails</title><meta name="author" content="Rosalind Gill">', '<h1>How a tide mill works</h1><p>Posted on 14 March 2023</p>'),
  // An online video.
  page('https://streamhouse.example/watch/91xk', `
    <meta property="og:type" content="video.other"><meta property="og:site_name" content="Streamhouse"><meta property="og:title" content="Opening the Thornham sluice"><title>Opening the Thornham sluice</title>
    <script type="application/ld+json">{"@type":"VideoObject","name":"Opening the Thornham sluice","author":{"@type":"Person","name":"Tide Watchers"},"uploadDate":"2022-04-18","duration":"PT6M12S"}</script>`, ''),
  // A podcast episode.
  page('https://slowwater.example/episodes/27', `
    <title>Who owns a river? | Slow Water</title><script type="application/ld+json">{"@type":"PodcastEpisode","name":"Who owns a river?","episodeNumber":27,"datePublished":"2021-11-02","partOfSeries":{"@type":"PodcastSeries","name":"Slow Water"},"author":{"@type":"Person","name":"Nadia Fenwick"}}</script>`, ''),
  // A dataset.
  page('https://data.estuarycommons.example/edc/7731', `
    <title>Pond depth surveys</title><script type="application/ld+json">{"@type":"Dataset","name":"Pond depth surveys, 2016-2024","creator":[{"@type":"Person","name":"Ngozi Abara"}],"version":"2.1","datePublished":"2024","publisher":{"@type":"Organization","name":"Estuary Data Commons"},"identifier":"https://doi.org/10.5555/edc.7731"}</script>`, ''),
  // A book at its publisher's, microdata.
  page('https://saltmarshpress.example/books/estuary-people', `
    <title>Estuary People — Saltmarsh Press</title><meta property="og:type" content="book"><meta property="og:title" content="Estuary people"><meta property="book:author" content="Morwenna Penhale"><meta property="book:release_date" content="2021"><script type="application/ld+json">{"@type":"Book","name":"Estuary people","author":{"@type":"Person","name":"Morwenna Penhale"},"publisher":{"@type":"Organization","name":"Saltmarsh Press"},"datePublished":"2021"}</script>`, ''),
  // An address behind another: the page names its own, canonical one, and the tracking marks go.
  page('https://localenergy.example/ten-years', `
    <title>Community hydropower after ten years</title><link rel="canonical" href="https://localenergy.example/ten-years"><meta name="citation_title" content="Community hydropower after ten years"><meta name="citation_author" content="Peter Hale"><meta name="citation_author" content="Kavita Mistry"><meta name="citation_publication_date" content="2019"><meta name="citation_technical_report_institution" content="Institute for Local Energy">`, ''),
  // Broken tags: unclosed, doubled, entities, a title in capitals.
  page('https://oldmills.example/gallery', '<title>GALLERY OF WHEELS &amp; GEARS</title><meta name=author content="Nils Brandvold"><meta property="og:title" content="GALLERY OF WHEELS &amp; GEARS"><meta property="og:site_name" content="Old Mills Online"><script type="application/ld+json">{"@type": "WebPage", broken</script>', '<h1>GALLERY OF WHEELS &amp; GEARS<p>by Nils Brandvold'),
  // Nothing to read at all.
  page('https://empty.example/', '', ''),
]
