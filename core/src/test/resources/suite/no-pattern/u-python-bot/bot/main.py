import asyncio
import random

from bot.handlers import Dice, Echo, Greeting, Message
from bot.limits import Limited


async def main() -> None:
    bot = Limited(Greeting(Dice(random.Random(), Echo())))
    while line := input("> "):
        print(await bot.handle(Message("me", line)))


asyncio.run(main())
