// The dark theme: of it only what colours decide. Everything else is the same page and is checked in the light one.
import { test } from '@playwright/test';
import { checkScreens } from './screens.mjs';

test('all main screens, dark', ({ page }) => checkScreens(page, 'dark', ['color-contrast', 'link-in-text-block']));
