import type { SearchFinding } from '$lib/wire/search';
import { database } from '../pool';

const MOST_FOUND = 40;

/**
 * Looks for words in everything of the teacher's: lessons with their tags, swatches, pieces, kept crossings and keys. The last
 * word may be half written. Best first.
 */
export async function search(owner: string, words: string): Promise<SearchFinding[]> {
	const { rows } = await database().query<SearchFinding>({
		name: 'search',
		text: `with asked as (
			select nullif(websearch_to_tsquery('english', $2)::text, '') as said
		), wanted as (
			-- A phrase that must not be there ends with a bracket, and has no last word to be half written.
			select (said || case when said like '%)' then '' else ':*' end)::tsquery as query from asked
		), found as (
			select 'lesson' as kind, id, document->>'title' as title,
				ts_rank(words, query) + case when $2 = any(tags) then 1 else 0 end as rank
			from lessons, wanted
			where owner = $1 and removed_at is null
				and (words @@ query or exists (select from unnest(tags) as tag where tag like lower($2) || '%'))
			union all
			select 'swatch', id, document->>'title', ts_rank(words, query)
			from swatches, wanted where owner = $1 and removed_at is null and words @@ query
			union all
			select 'crossing', id, name, ts_rank(words, query)
			from kept_crossings, wanted where owner = $1 and removed_at is null and words @@ query
			union all
			select 'piece', id, about->>'title', ts_rank(words, query)
			from pieces, wanted where owner = $1 and removed_at is null and words @@ query
			union all
			select 'key', id, title, ts_rank(words, query)
			from keys, wanted where owner = $1 and removed_at is null and words @@ query
			order by rank desc nulls last, title limit ${MOST_FOUND}
		)
		select kind, found.id, found.title,
			coalesce(ts_headline('english', coalesce(
				(select string_agg(said #>> '{}', ' · ') from lessons,
					jsonb_path_query(document, '$.parts[*].*') as said
					where kind = 'lesson' and lessons.id = found.id and jsonb_typeof(said) = 'string'),
				(select document->>'text' from swatches where kind = 'swatch' and swatches.id = found.id),
				(select saying from kept_crossings where kind = 'crossing' and kept_crossings.id = found.id),
				(select concat_ws(' · ', about->'yarn'->>'name', about->'yarn'->>'fibre', about->'yarn'->>'colour', about->'yarn'->>'lot')
					from pieces where kind = 'piece' and pieces.id = found.id),
				(select text from keys where kind = 'key' and keys.id = found.id),
				''
			), query, 'StartSel=«, StopSel=», MaxWords=18, MinWords=8, MaxFragments=1'), '') as around
		from found, wanted order by rank desc nulls last, found.title`,
		values: [owner, words]
	});
	return rows;
}
