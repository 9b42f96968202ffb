<?php
use Aldera\Http\{Framed, Page, Timed};
echo (new Timed(new Framed(new Page())))->handle(['title' => 'Fog']);
