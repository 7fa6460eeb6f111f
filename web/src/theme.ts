import { theme as antTheme } from 'antd';
import type { ThemeConfig } from 'antd';
import { DARK, LIGHT } from './colours.ts';

const TEXT_FONT = "'Atkinson Hyperlegible Next Variable', sans-serif";

interface Circumstances {
  readonly evening: boolean;
  /** Without motion. */
  readonly still: boolean;
  readonly inHand: boolean;
}

export function themeFor({ evening, still, inHand }: Circumstances): ThemeConfig {
  const c = evening ? DARK : LIGHT;
  return {
    algorithm: evening ? antTheme.darkAlgorithm : antTheme.defaultAlgorithm,
    token: {
      // Ant Design waits for its animations to end: they are turned off here, never by style.
      motion: !still,
      colorPrimary: c.wet,
      colorInfo: c.wet,
      colorLink: c.wet,
      colorError: c.stop,
      colorWarning: c.dwellInk,
      colorWarningBg: c.dwellTint,
      colorWarningBorder: c.dwellInk,
      colorErrorBg: c.stopTint,
      colorErrorBorder: c.stop,
      colorInfoBg: c.wetTint,
      colorInfoBorder: c.wet,
      colorSuccessBg: c.growthTint,
      colorSuccessBorder: c.growth,
      colorSuccess: c.growth,
      colorTextBase: c.ink,
      colorBgBase: c.ground,
      colorBgLayout: c.ground,
      colorBgContainer: c.raised,
      colorBgElevated: c.raised,
      colorBorder: c.line,
      colorBorderSecondary: c.line,
      colorTextDescription: c.quiet,
      colorTextPlaceholder: c.placeholder,
      borderRadius: 4,
      boxShadow: 'none',
      boxShadowSecondary: `0 0 0 1px ${c.line}`,
      fontFamily: TEXT_FONT,
      fontSize: 15,
      controlHeight: inHand ? 48 : 36,
      controlHeightSM: inHand ? 40 : 28,
    },
    components: {
      Button: {
        primaryShadow: 'none',
        defaultShadow: 'none',
        dangerShadow: 'none',
        primaryColor: c.onWet,
      },
      // Ours reads on the ground as well as on the raised track.
      Segmented: { itemColor: c.quiet },
      Table: { headerBg: 'transparent', headerSplitColor: 'transparent' },
    },
  };
}
