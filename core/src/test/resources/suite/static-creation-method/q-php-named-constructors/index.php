<?php
use Calendar\Period;

echo Period::month(2026, 2)->days() + Period::between('2026-01-01', '2026-01-03')->days();
