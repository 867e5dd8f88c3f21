/** Surnames, in Latin letters, of peoples who put them before the given name: a name that begins with one may be theirs. */
export const SURNAMES_FIRST: ReadonlySet<string> = new Set(`kim lee park choi jung jeong kang cho yoon jang lim han shin seo kwon hwang ahn song
 wang li zhang liu chen yang huang zhao wu zhou xu sun ma zhu hu guo he lin gao luo zheng liang xie tang
 nguyen tran le pham hoang phan vu vo dang bui do ngo duong ly
 sato suzuki takahashi tanaka watanabe ito yamamoto nakamura kobayashi kato yoshida yamada sasaki matsumoto
 nagy kovács tóth szabó horváth varga kiss molnár németh farkas`.split(/\s+/u))
