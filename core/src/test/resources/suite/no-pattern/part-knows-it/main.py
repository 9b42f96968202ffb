from harbour import ArrivalOffice

office = ArrivalOffice()
print(office.arrive("Rosa"))
