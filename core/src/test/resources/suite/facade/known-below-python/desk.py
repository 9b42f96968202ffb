from office import CustomsOffice

office = CustomsOffice()
print(office.clear("A-17", "Mota"))
