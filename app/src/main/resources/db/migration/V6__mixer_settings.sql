-- Whether the mixer is the one that ships is asked apart from the address of another.
update link
set settings = json_object(
        'practice', json(case when json_extract(settings, '$.address') = 'practice' then 'true' else 'false' end),
        'address', case when json_extract(settings, '$.address') = 'practice' then '' else json_extract(settings, '$.address') end)
where kind = 'mixer';
