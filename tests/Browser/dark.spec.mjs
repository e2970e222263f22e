// The dark theme: of it only what colours decide. Everything else is the same page and is checked in the light one.
import { hasNoFinding, onEachScreen } from './screens.mjs';

onEachScreen('dark', hasNoFinding(['color-contrast', 'link-in-text-block']), { colorScheme: 'dark' });
