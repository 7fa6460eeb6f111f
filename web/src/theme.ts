import { theme as antTheme } from 'antd';
import type { ThemeConfig } from 'antd';

/** The colours of the interface, light and for evening work; style.css holds the same as custom properties for drawings. */
const LIGHT = {
  ground: '#F5F2EA',
  raised: '#FCFAF5',
  ink: '#16302B',
  wet: '#1F6F6B',
  dwell: '#8A5F0E',
  stop: '#A63A2B',
  growth: '#4F6A2B',
  line: '#CFC8B8',
};
const DARK = {
  ground: '#12211E',
  raised: '#1A2D29',
  ink: '#ECE7DA',
  wet: '#6FBDB6',
  dwell: '#E0AC4A',
  stop: '#F0907F',
  growth: '#A9C47A',
  line: '#3B504A',
};

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
      colorWarning: c.dwell,
      colorSuccess: c.growth,
      colorTextBase: c.ink,
      colorBgBase: c.ground,
      colorBgLayout: c.ground,
      colorBgContainer: c.raised,
      colorBgElevated: c.raised,
      colorBorder: c.line,
      colorBorderSecondary: c.line,
      colorTextDescription: evening ? '#B5BFB4' : '#4B605A',
      colorTextPlaceholder: evening ? '#97A59C' : '#66776F',
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
        ...(evening ? { primaryColor: '#12211E' } : {}),
      },
      // Ours reads on the ground as well as on the raised track.
      Segmented: { itemColor: evening ? '#B5BFB4' : '#4B605A' },
      Table: { headerBg: 'transparent', headerSplitColor: 'transparent' },
    },
  };
}
