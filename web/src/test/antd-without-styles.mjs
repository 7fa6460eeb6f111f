import { defaultConfig } from 'antd/es/theme/context';

// Nothing is painted in these tests, and jsdom matches every rule of every style sheet for each element that it is asked about.
defaultConfig.zeroRuntime = true;

export * from 'antd';
