/**
 * Letters that stand for words in the names of journals, societies and publishers: they keep their capitals where a name
 * given in capitals is set down.
 */
export const ACRONYMS: ReadonlySet<string> = new Set(`
  AAAI ACL ACM ACS AIP AIS APA APS ASCE ASME AWS BBC BMC BMJ CAD CERN CIRP CNN CRC DNA ECOC EEG EMBO EPJ ESA EU FAO FEBS GIS HIV IBM ICT IEEE IET IFAC
  II III IMF IOP ISA ISO ISPRS IUCN IV JAMA LNCS MIT MLA NASA NATO NBC NHS NMR OECD PC PLOS PNAS RAND RNA RSC SAGE SIAM SPIE STEM TV UK UN UNESCO UNICEF
  US USA USDA VI VII VIII WHO WTO XML
`.trim().split(/\s+/u))
