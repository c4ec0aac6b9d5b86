@echo off
rem Starts Lehrgang: finds a Java of version 25 or newer and starts.
setlocal enableextensions
set "here=%~dp0"
set "need=25"
set "java="
if defined JAVA_HOME if exist "%JAVA_HOME%\bin\java.exe" set "java=%JAVA_HOME%\bin\java.exe"
if not defined java for %%J in (java.exe) do set "java=%%~$PATH:J"
if not defined java goto missing

set "found="
for /f "tokens=3" %%V in ('""%java%" -version 2^>^&1" ^| findstr /c:"version"') do if not defined found set "found=%%~V"
for /f "tokens=1 delims=." %%M in ("%found%") do set "found=%%M"
if not defined found goto missing
if %found% lss %need% goto missing

"%java%" --enable-native-access=javafx.graphics,ALL-UNNAMED -XX:+UseSerialGC ^
  --module-path "%here%javafx\windows" --add-modules javafx.controls ^
  -cp "%here%lib\*" "-Dlehrgang.licences=%here%licences.txt" lehrgang.app.Main %*
exit /b %errorlevel%

:missing
echo Lehrgang needs Java %need% or newer and found none; install a Java %need%, or set JAVA_HOME to one. 1>&2
exit /b 1
