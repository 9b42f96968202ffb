from cellar import Cellar


async def pour(cellar: Cellar):
    years = []
    async for bottle in cellar:
        years.append(bottle.year)
    return years
