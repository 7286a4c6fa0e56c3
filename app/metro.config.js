const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// Zod re-exports its messages in fifty languages; the bundler cannot tell that nobody asks for them. English is imported
// by its own path and stays.
const isAllLanguages = (origin, name) => name === '../locales/index.js' && /[\\/]zod[\\/]/.test(origin);

config.resolver.resolveRequest = (context, name, platform) =>
  isAllLanguages(context.originModulePath, name) ? { type: 'empty' } : context.resolveRequest(context, name, platform);

module.exports = withNativeWind(config, { input: './global.css' });
