const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

// Zod re-exports its messages in fifty languages; the bundler cannot tell that nobody asks for them. English is imported
// by its own path and stays.
const isAllLanguages = (origin, name) => name === '../locales/index.js' && /[\\/]zod[\\/]/.test(origin);

// Parts of the interface library and of the router that no page here draws. Both hand out everything they have from one
// index, which the bundler ships whole; what stands in for these says so if anybody should draw it after all.
const NOT_SHIPPED = [
  /react-native-web[\\/]dist[\\/]exports[\\/](Animated|Button|CheckBox|FlatList|ImageBackground|PanResponder|Picker|ProgressBar|RefreshControl|SectionList|Switch|TouchableHighlight|TouchableNativeFeedback|TouchableOpacity|TouchableWithoutFeedback|VirtualizedList)[\\/]index\.js$/,
  /expo-router[\\/]build[\\/](react-navigation[\\/](bottom-tabs|native-stack|drawer)|native-tabs|layouts[\\/]stack-utils|link[\\/]preview)[\\/]index\.js$/,
  /expo-router[\\/]build[\\/]views[\\/]Sitemap\.js$/,
];
const STAND_IN = path.join(__dirname, 'notShipped.js');

config.resolver.resolveRequest = (context, name, platform) => {
  if (isAllLanguages(context.originModulePath, name)) return { type: 'empty' };
  const resolved = context.resolveRequest(context, name, platform);
  const isLeftOut = resolved.type === 'sourceFile' && NOT_SHIPPED.some((left) => left.test(resolved.filePath));
  return isLeftOut ? { type: 'sourceFile', filePath: STAND_IN } : resolved;
};

// A module is run when something of it is first used, not when the page is opened.
const { getTransformOptions } = config.transformer;
config.transformer.getTransformOptions = async (...asked) => {
  const options = await getTransformOptions?.(...asked);
  return { ...options, transform: { ...options?.transform, inlineRequires: true } };
};

module.exports = withNativeWind(config, { input: './global.css' });
