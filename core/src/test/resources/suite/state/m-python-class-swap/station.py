from turnstile import Turnstile

gate = Turnstile()
gate.coin()
gate.push()
