import { DEFAULT_SETTINGS } from '$lib/wire/settings';
import type { Teacher } from '$lib/server/store/teachers';
import { LANGUAGE_COOKIE, PSEUDO } from '$lib/words/pseudo';
import { LOCALE_COOKIE, localeOf } from '$lib/ui/locale';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals, request, cookies }) => {
	// On an open route there may be nobody.
	const teacher = locals.teacher as Teacher | undefined;
	return {
		teacher: teacher ? { id: teacher.id, name: teacher.name, demo: teacher.demo } : null,
		settings: teacher?.settings ?? DEFAULT_SETTINGS,
		locale: localeOf(cookies.get(LOCALE_COOKIE), request.headers.get('accept-language')),
		pseudo: cookies.get(LANGUAGE_COOKIE) === PSEUDO
	};
};
