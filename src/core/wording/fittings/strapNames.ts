import type { Strap } from '@/core/design';

/** The names of the kinds of straps: a heading, for choosing, and as it stands within a sentence. */
export const STRAP_NAMES: Readonly<Record<Strap['kind'], { title: string; short: string; called: string }>> = {
  plain: { title: 'Plain strap, in short rows', short: 'Short rows', called: 'in short rows' },
  lengthwise: { title: 'Plain strap, in long rows', short: 'Long rows', called: 'in long rows' },
  double: { title: 'Strap in double thickness', short: 'Double thickness', called: 'in double thickness' },
  linen: { title: 'Linen band', short: 'Linen', called: 'in linen' },
  edged: { title: 'Band with an edging', short: 'Edged band', called: 'as a band with an edging' },
  tube: { title: 'Band closed to a tube', short: 'Band to a tube', called: 'as a band closed to a tube' },
  spiral: { title: 'Spiral tube', short: 'Spiral tube', called: 'as a spiral tube' },
  'i-cord': { title: 'I-cord', short: 'I-cord', called: 'as an i-cord' },
  'chain-cord': { title: 'Chain cord', short: 'Chain cord', called: 'as a chain cord' },
  'twisted-cord': { title: 'Twisted cord', short: 'Twisted cord', called: 'as a twisted cord' },
  'plaited-cord': { title: 'Plaited cord', short: 'Plaited cord', called: 'as a plaited cord' },
  rope: { title: 'Rope', short: 'Rope', called: 'of rope' },
  leather: { title: 'Leather strap', short: 'Leather', called: 'of leather' },
  webbing: { title: 'Webbing', short: 'Webbing', called: 'of webbing' },
  'metal-chain': { title: 'Metal chain', short: 'Metal chain', called: 'of metal chain' },
  'ready-made': { title: 'Ready-made strap', short: 'Ready-made', called: 'ready-made' },
};
